# frozen_string_literal: true

require_relative "../../bin/support/schemas"
require "support/core_case"
require "support/fuzzing"

# Documents that went wrong somewhere: the core and the published schema take the same ones, and nothing crashes.
# In full: bench/fuzz.rb.
class MutationsTest < CoreCase
  4.times do |i|
    define_method(:"test_core_and_schema_take_the_same_#{i}") do
      seeds_of((4 * i)...(4 * (i + 1))).each do |seed|
        tally = Fuzzing.documents(20_261_126 + seed, 100)

        assert_equal 100, tally.except(:slowest).values.sum
        assert_empty tally.keys - %i[taken refused no_json slowest], tally.inspect
        assert_operator tally[:taken], :>, 1
        assert_operator tally[:slowest], :<, Fuzzing::SLOW
      end
    end
  end

  # Standard validators pass over our own keywords: what those keep out they may take, and nothing else.
  def test_what_only_our_own_keywords_keep_out
    unit = { "kind" => "flying_geese", "finished" => %w[2 5], "count" => 1 }
    [{ "unit" => unit }, { "unit" => unit.merge("finished" => %w[50 100]) }].each do |document|
      assert Schemas.valid?("weigh", document, own: false)
      refute Schemas.valid?("weigh", document)
      refute_empty faults(document)
    end
  end
end
