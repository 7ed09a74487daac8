# frozen_string_literal: true

require "support/core_case"

# Every method has an example: a document, what comes of it, and how that was worked out by hand.
class ExamplesTest < CoreCase
  Methods.all.each do |method|
    define_method("test_#{method.path}") do
      example = JSON.parse(File.read(File.join(EXAMPLES, "#{method.path}.json")))

      assert_operator example["say"].length, :>, 60, "says how the numbers were worked out"
      assert_holds example["expect"], weigh(method.id, example["weigh"])
    end
  end

  def test_there_is_no_example_without_its_method
    named = Dir.glob("**/*.json", base: EXAMPLES).map { |path| path.delete_suffix(".json") }

    assert_equal Methods.all.map(&:path), named.sort
  end
end
