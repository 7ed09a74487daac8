# frozen_string_literal: true

require "support/core_case"

# Each fabric of a quilt in one line: needed, on the shelf, to buy, and what that costs.
class QuiltFabricsTest < CoreCase
  # Four plain blocks of 6, bound and backed: squares of 6 1/2, binding 2 1/2 round 12 × 12.
  def lines(stock, side: "6", **rest)
    block = { "name" => "Plain", "columns" => [side], "rows" => [side],
              "pieces" => [{ "kind" => "square", "at" => [0, 0], "span" => [1, 1], "fabrics" => { "patch" => "a" } }] }
    document = { "blocks" => [{ "block" => block, "count" => 4 }], "setting" => { "layout" => "straight", "across" => 2, "down" => 2 },
                 "tools" => DRAWER, "stock" => stock, "backing" => { "fabric" => "b" }, **rest.transform_keys(&:to_s) }
    OakenGauge.quilt(document, view: true)["fabrics"].to_h { |line| [line["fabric"], line] }
  end

  def bolt(length, **rest)
    [{ "form" => "yardage", "usable_width" => "42", "length" => length, **rest.transform_keys(&:to_s) }.compact]
  end

  # One strip of 6 1/2 holds four squares. Backing: 12 and four inches on either side, 20.
  def test_what_is_needed_and_on_the_shelf
    told = lines({ "a" => bolt("18"), "b" => bolt("9", price: 12, currency: "pounds") })

    assert_equal ["6 1/2 in", "18 in", nil, nil], told["a"].values_at("needed", "shelf", "buy", "cost")
    # Twenty less nine is eleven inches: three eighths of a yard, 13 1/2 inches, at twelve a yard.
    assert_equal ["20 in", "9 in", "3/8 yd", "4.50 pounds"], told["b"].values_at("needed", "shelf", "buy", "cost")
  end

  # Squares of 5 7/8, four from one strip.
  def test_what_is_needed_is_told_in_eighths
    assert_equal "5 7/8 in", lines({ "a" => bolt("18"), "b" => bolt(nil) }, side: "5 3/8")["a"]["needed"]
  end

  def test_a_length_that_nobody_entered_and_centimetres
    told = lines({ "a" => bolt(nil), "b" => bolt("9", price: 10) }, measure: "cm")

    assert_nil told["a"]["shelf"]
    # Eleven inches are 27.94 cm: 30 cm at ten a metre.
    assert_equal ["50.8cm", "22.86cm", "30cm", "3.00"], told["b"].values_at("needed", "shelf", "buy", "cost")
  end
end
