# frozen_string_literal: true

require "minitest/autorun"
require "oaken_gauge"
require "support/written_documents"

# Whatever the published schemas allow is answered, or refused in words: never a fault of ours.
class WrittenDocumentsTest < Minitest::Test
  HOW_MANY = { "weigh" => 60, "sizes" => 20, "plan" => 8, "quilt" => 3, "deconstruct" => 4, "choose" => 6 }.freeze

  HOW_MANY.each do |command, count|
    define_method("test_documents_of_#{command}") do
      written = WrittenDocuments.new(command, 20_261_201)
      answered = Array.new(count) { answered?(command, written) }.count(true)

      assert_operator answered, :>=, count / 4, "answered of #{count}"
    end
  end

  def answered?(command, written)
    OakenGauge.public_send(command, written.one { |document| OakenGauge.public_send(command, document) })
    true
  rescue OakenGauge::Documents::Invalid
    false
  end
end
