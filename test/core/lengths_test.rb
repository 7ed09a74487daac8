# frozen_string_literal: true

require "support/core_case"

class LengthsTest < CoreCase
  READ = {
    "2 7/8" => 23/8r, "7/8" => 7/8r, "2" => 2r, "2.875" => 23/8r, "2⅞" => 23/8r, "⅞" => 7/8r, "2-7/8" => 23/8r, '2 7/8"' => 23/8r,
    "2.5in" => 5/2r, "2 1/2 in" => 5/2r, ".5" => 1/2r, "  3 " => 3r, "2 ⅓" => 7/3r, "22/8" => 11/4r, "-1/8" => -1/8r,
    "2.54cm" => 1r, "7.3cm" => 365/127r, "73mm" => 365/127r, "6 mm" => 30/127r, "0.75cm" => 75/254r,
    "7,3cm" => 365/127r, "2,5" => 5/2r, "1.5 yd" => 54r, "1½ yd" => 54r, "½ yard" => 18r, "2 yards" => 72r, "1.4 m" => 7000/127r, "90 cm" => 4500/127r,
    "1,4m" => 7000/127r
  }.freeze

  WRITTEN = {
    [23/8r, :inch] => "2 7/8", [7/8r, :inch] => "7/8", [2r, :inch] => "2", [0r, :inch] => "0", [-1/8r, :inch] => "-1/8",
    [-9/8r, :inch] => "-1 1/8", [365/127r, :cm] => "7.3cm", [365/127r, :mm] => "73mm", [1r, :cm] => "2.54cm",
    [-1r, :cm] => "-2.54cm", [1/2r, :mm] => "12.7mm", [1/3r, :inch] => "1/3", [1/3r, :cm] => "1/3in",
    [365/127r, :inch] => "7.3cm", [1/127r, :inch] => "0.02cm", [1/97r, :inch] => "1/97", [1/97r, :cm] => "127/4850cm"
  }.freeze

  def test_reads_every_notation_exactly
    READ.each { |text, inches| assert_equal inches, Length.parse(text).inches, text }
  end

  def test_writes_reduced_mixed_fractions_and_metric_decimals
    WRITTEN.each { |(inches, measure), text| assert_equal text, Length.new(inches, measure).to_s, text }
  end

  # What is on no ruler is said as a decimal, though a document writes it exactly.
  SAID = {
    [23/8r, :inch] => "2 7/8", [8/3r, :inch] => "2 2/3", [33/10r, :inch] => "3.3", [30/127r, :inch] => "0.236", [2.0 + (1 / 3.0), :inch] => "2 1/3",
    [1.2345678, :inch] => "1.235", [365/127r, :cm] => "7.3cm", [1/3r, :cm] => "0.847cm", [29/8r, :cm] => "9.2075cm", [2.875, :inch] => "2 7/8"
  }.freeze

  def test_says_what_is_on_a_ruler_as_it_is_there
    SAID.each { |(inches, measure), text| assert_equal text, Length.saying(inches, measure), [inches, measure].inspect }
  end

  def test_what_is_written_reads_back
    [[23/8r, :inch], [365/127r, :cm], [11r, :mm], [-3/16r, :inch]].each do |inches, measure|
      read = Length.parse(Length.new(inches, measure).to_s)

      assert_equal [inches, measure], [read.inches, read.measure]
    end
  end

  # The page takes the longest that has room: each is as long as it says, and the longer ones come after.
  def test_bars_of_a_scale_are_as_long_as_they_say
    %i[inch cm].each do |measure|
      bars = OakenGauge::SpokenMeasures.of(measure).bars

      bars.each { |inches, words| assert_in_delta OakenGauge::Length.parse(words.delete(" ")).to_r, inches, 1e-9, words }
      assert_equal bars.sort_by(&:first), bars
    end
  end

  def test_refuses_what_is_no_length
    ["", " ", "two", "5 ft", "5'", "2 7/0", "1/2/3", "2 7", "--2", "1e3", "2,,5", "1 ft", nil, 2, "9" * 60, "2\u0000", "٣", "\xff"].each do |text|
      error = assert_raises(UnreadableLength, text.inspect) { Length.parse(text) }

      assert_match(/is not a length such as|divides by nothing/, error.message)
    end
  end

  def test_lengths_are_values
    assert_equal Length.parse("2.54cm"), Length.parse("1")
    assert_equal 1, [Length.parse("25.4mm"), Length.parse("1")].uniq.size
    assert_operator Length.parse("2 7/8"), :>, Length.parse("2 3/4")
    assert_predicate Length.parse("1"), :frozen?
  end

  def test_a_grid_rounds_up_to_its_next_line_and_forgives_a_billionth
    eighths = Grid.new(1/8r)

    { 2.8536 => 23/8r, 23/8r => 23/8r, 2.875 + 1e-10 => 23/8r, 2.876 => 3r, 0.01 => 1/8r }.each do |size, line|
      assert_equal line, eighths.ceil(size), size
    end
    assert eighths.on?(2.875)
    refute eighths.on?(2.8536)
    assert_raises(ArgumentError) { Grid.new(0r) }
  end

  def test_a_millimetre_grid_rounds_in_millimetres
    assert_equal "73mm", Length.new(Grid.new(Length.parse("1mm").inches).ceil(Length.parse("72.1mm").to_f), :mm).to_s
  end
end
