# frozen_string_literal: true

require "support/core_case"

# A maker's profile as it is read and written.
class ProfileTest < CoreCase
  def profile(document)
    OakenGauge.profile(document)
  end

  def value(document, name)
    profile(document)["parameters"].find { |parameter| parameter["name"] == name }
  end

  def test_nothing_said_is_all_assumed
    read = profile({})

    assert_equal([%w[scant chosen]], read["parameters"].map { |parameter| parameter.values_at("name", "basis") }.reject { |_, basis| basis == "assumed" })
    assert(read["parameters"].all? { |parameter| parameter["value"] == parameter["assumed"] })
    assert(read["choices"].all? { |choice| choice["value"] == choice["usual"] })
  end

  def test_a_number_or_a_number_with_how_many
    assert_equal [0.01, "measured", nil], value({ "errors" => { "die" => 0.01 } }, "die").values_at("value", "basis", "count")
    assert_equal [7, "measured", 12], value({ "press" => { "value" => 7, "count" => 12 } }, "press").values_at("value", "basis", "count")
    assert_equal "assumed", value({ "press" => 7 }, "snip")["basis"]
  end

  def test_choices
    read = profile({ "school" => "exact", "margin" => "3/16", "trim_sides" => 2, "marking" => "drawn_line", "pressing" => "open",
                     "large_square" => "sky", "numbers" => "strip", "starched" => true, "bonus" => true })

    assert_equal(["exact", "3/16", "3/16", 2, "drawn_line", 4, "open", "sky", "strip", "ruler", true, true], read["choices"].map { |choice| choice["value"] })
    assert_equal([%w[either exact oversize narrow], nil, nil, [4, 2], %w[aid drawn_line], [4, 2, 1], %w[to_side open], %w[either goose sky], %w[either finished strip],
                  %w[exact large ruler], nil, nil],
                 read["choices"].map { |choice| choice["options"]&.map { |option| option["value"] } })
    assert_equal "exact, sewn narrow, then trimmed", read["choices"].first["options"].last["label"]
  end

  def test_every_fault_at_once
    error = assert_raises(Documents::Invalid) { profile({ "press" => { "value" => -1 }, "snip" => { "count" => 3 }, "hat" => 1, "errors" => { "misread" => 2 } }) }

    assert_equal %w[/errors/misread /hat /press/value /snip/value], error.faults.map(&:pointer).sort
  end

  # Starting values as the trade has them.
  def test_starting_values
    expected = { ruler_main: 0.012, ruler_between: 0.018, misread: 0.01, misread_by: 0.125, triangle_ruler: 0.012, template: 0.02, die: 0.006,
                 trim_groove: 0.008, trim_line: 0.012, take_up: 0.01, seam_foot: 0.015, seam_line: 0.012, seam_guided: 0.01, pressing: 0.008,
                 bias: 0.02, bias_starched: 0.008, fold: 0.01, mark_line: 8, align_and_cut: 10, cut_slot: 3, sew_inch: 0.6, sew_start: 3,
                 press: 8, trim_side: 4, snip: 3, die_pass: 45, fuse_cell: 5 }

    expected.each { |name, assumed| assert_equal assumed, Makers::Parameters.all.fetch(name).assumed, name }
  end

  def sure(name, value, count, others = {})
    document = { "errors" => { name => { "value" => value, "count" => count }, **others } }
    value(document, name)["give_or_take"]
  end

  # 0.013 / √(2 × 23); a mean of 16 in hands whose seams wander by 0.012: 0.012 / 4; 1 of 100 read wrong: with one
  # more of either kind 2 of 102, √(0.0196 × 0.9804 / 100).
  def test_how_sure_a_measured_value_is
    assert_in_delta 0.0019, sure("seam_foot", 0.013, 24), 1e-4
    assert_in_delta 0.003, sure("take_up", 0.008, 16, "seam_foot" => 0.012), 1e-9
    assert_in_delta 0.0139, sure("misread", 0.01, 100), 1e-4
    # None read wrong in ten says little, and no measure can tell its own spread.
    assert_in_delta 0.0874, sure("misread", 0, 10), 1e-4
    assert_nil sure("seam_foot", 0.013, 1)
    assert_nil sure("misread_by", 0.1, 9)
    assert_nil value({ "errors" => { "die" => 0.01 } }, "die")["give_or_take"]
    assert_nil value({ "press" => { "value" => 9, "count" => 32 } }, "press")["give_or_take"]
  end

  def test_what_is_chosen_is_neither_assumed_nor_measured
    assert_equal(%w[chosen chosen], [value({}, "scant"), value({ "errors" => { "scant" => 0.01 } }, "scant")].map { |one| one["basis"] })
    assert_equal :measured, Makers::Profile.new.basis_of(%i[scant])
  end

  def test_units_and_words
    Makers::Parameters.all.each_value do |parameter|
      assert_includes %w[inch share second], parameter.unit
      assert_operator parameter.assumed, :<=, parameter.most
      assert_match(/\.\z/, parameter.meaning)
      assert_equal parameter.group == :time, parameter.unit == "second"
    end
  end

  def test_what_rests_on_assumptions
    known = Makers::Profile.new({ die: Makers::Profile::Known.new(value: 0.01) })

    assert_equal(%i[measured assumed measured], [%i[die], %i[die press], []].map { |names| known.basis_of(names) })
    assert_raises(KeyError) { known[:glue] }
  end
end
