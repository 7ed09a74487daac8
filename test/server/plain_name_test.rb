# frozen_string_literal: true

require "support/server_case"

# Names as keys have them.
class PlainNameTest < ServerCase
  def test_letters_digits_and_dashes
    assert_equal(%w[long-rule-6-x-24 eglantine tool], ["Long rule 6½ × 24", "Églantine", "½"].map { |name| Server::PlainName.of(name, empty: "tool") })
    assert_equal 60, Server::PlainName.of("x" * 100).size
  end

  def test_another_where_it_is_taken
    assert_equal(%w[rule rule-3], [[], %w[rule rule-2]].map { |taken| Server::PlainName.free("rule", taken) })
  end

  def test_a_tool_without_an_id_goes_by_its_name
    tool = { "kind" => "straight_ruler", "name" => "Quilt rule!", "length" => "24", "width" => "6 1/2" }
    made = Array.new(2) { send_json("POST", "/api/tools", { "tool" => tool })["tool"] }

    assert_equal(%w[quilt-rule quilt-rule-2], made.map { |one| one["id"] })
  end
end
