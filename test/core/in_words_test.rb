# frozen_string_literal: true

require "support/core_case"

# How a maker works, as she would say it.
class InWordsTest < CoreCase
  def says(**maker)
    node = maker.transform_keys(&:to_s)
    Makers::InWords.new(Documents.read(node) { |read| Makers::Maker.read(read) }).sentences
  end

  def test_how_scant_she_sews_is_told_in_threads
    told = [0, 0.004, 0.01, 0.017, 0.025, 0.026, 0.04].map { |scant| says(errors: { "scant" => scant }).first }

    # 0.04 is 2.56 sixty-fourths: 3/64; 0.026 is 1.66 of them.
    assert_equal ["You sew the whole 1/4.", "You sew a hair less than 1/4.", "You sew a thread less than 1/4.", "You sew two threads less than 1/4.",
                  "You sew two threads less than 1/4.", "You sew 1/32 less than 1/4.", "You sew 3/64 less than 1/4."], told
  end

  def test_what_she_chose_and_what_is_measured
    assert_equal "You cut exact, sew narrow and trim down; what is trimmed you trim on two sides and the dog ears.",
                 says(school: "narrow", trim_sides: 2)[1]
    assert_equal "You draw lines to sew by, cut through a single layer at a time, and press seams open.",
                 says(marking: "drawn_line", layers: 1, pressing: "open")[2]
    assert_equal ["You starch all fabric.", "You keep the cut-off corners as bonus units."], says(starched: true, bonus: true)[3, 2]
    assert_equal "Nothing is measured yet: all accuracy and time is assumed.", says.last
    assert_match(/\A1 of \d+ values is measured; the others are assumed\.\z/, says(press: { "value" => 9.0, "count" => 12 }).last)
  end
end
