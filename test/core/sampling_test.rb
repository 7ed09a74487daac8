# frozen_string_literal: true

require "support/core_case"
require "support/making"
require "support/catalogue"

# Units made at random against the budget, for every method of every unit.
class SamplingTest < CoreCase
  include Making

  def each_way(maker = {})
    Catalogue::UNITS.each do |kind, list|
      task = OakenGauge.read_weighing({ "unit" => { "kind" => kind.to_s, "count" => 8 }.merge(list.first), "tools" => Catalogue::TOOLS, "maker" => maker })
      # A mix is what its parts are.
      Methods.making(task.unit).map { |method| method.new(task) }.grep_v(Methods::Rotary::Mixed).each do |way|
        yield way, [kind, way.class.id].inspect if Weighing::Outcome.new(way).feasible?
      end
    end
  end

  # Slips far commoner than they are, so that the mixture matters.
  ROUGH = { "trim_sides" => 2, "margin" => "1/16", "errors" => { "misread" => 0.02, "seam_guided" => 0.02, "bias" => 0.04 } }.freeze

  def test_agrees_with_the_budget_for_every_method
    [{}, ROUGH].each do |maker|
      each_way(maker) do |way, about|
        sampling = ErrorModel::Sampling.new(way, ErrorModel::Accuracy.new(way), count: 10_000, seed: 5)

        assert_predicate sampling, :agrees?, [about, sampling.budget, sampling.figures].inspect
      end
    end
  end

  OTHERS = [{}, { "errors" => { "scant" => 0.02 } }, { "marking" => "drawn_line" }, { "pressing" => "open" }, { "starched" => true }, ROUGH].freeze
  FIGURES = %i[within points_within too_small good_share rounding bias_edges basis drift parts].freeze

  # What is kept of one maker's units is told of hers only, whoever asks after her.
  def test_what_is_kept_is_told_of_its_own_maker
    OTHERS.rotate(3).each { |maker| each_way(maker) { |way, _| way.accuracy.good_share } }
    OTHERS.each do |maker|
      each_way(maker) do |way, about|
        own = ErrorModel::Accuracy.new(way)

        FIGURES.each { |figure| assert_equal own.public_send(figure), way.accuracy.public_send(figure), [maker, about, figure].inspect }
        assert_equal own.size.middle, way.accuracy.size.middle
      end
    end
  end

  # Of two sheets that differ by their ease alone each unit is off by its own.
  def test_what_is_off_by_a_tool_is_told_of_it
    eases = %w[0 1/16 0].map do |ease|
      sheet = SHEET.last.merge("ease" => ease)
      way("foundation/panel", { "kind" => "hourglass", "finished" => "4" }, tools: [STRAIGHT, sheet]).accuracy.rounding
    end

    assert_in_delta 0.0625, eases[1] - eases[0], 1e-9
    assert_equal eases[0], eases[2]
  end

  # Of 20,000 units, whose mean is known to 0.00015, a budget 0.002 off cannot be right.
  def test_tells_a_wrong_budget
    way = way("die/patches")
    accuracy = ErrorModel::Accuracy.new(way)

    assert_predicate ErrorModel::Sampling.new(way, accuracy, count: 20_000), :agrees?
    accuracy.size.instance_variable_set(:@mean, accuracy.size.mean + 0.002)

    refute_predicate ErrorModel::Sampling.new(way, accuracy, count: 20_000), :agrees?
  end

  # A mean is known to the spread over √n, a share p to √(p(1 − p)/n) and one unit.
  def test_how_far_chance_may_go
    accuracy = ErrorModel::Accuracy.new(way("die/patches"))
    sampling = ErrorModel::Sampling.new(way("die/patches"), accuracy, count: 10_000)
    share = accuracy.within

    assert_in_delta accuracy.size.sd / 100, sampling.errors[:size_bias], 1e-5
    assert_in_delta accuracy.size.sd / Math.sqrt(20_000), sampling.errors[:size_sd], 2e-5
    assert_in_delta Math.sqrt(share * (1 - share) / 10_000) + 1e-4, sampling.errors[:within_sixteenth], CLOSE
  end

  # What a seam moves told as half of what it does, or with the wrong sign for one size: polygons know better.
  def test_tells_a_wrong_matrix
    %w[rotary/two_at_a_time rotary/eight_at_a_time rotary/patches].each do |id|
      [0.5, 0.0].each do |factor|
        way = way(id)
        accuracy = ErrorModel::Accuracy.new(way)
        seam = accuracy.budget.sources.index { |source| source.kind.start_with?("seam") }
        accuracy.budget.sizes.each { |measure| measure.shares = measure.shares.dup.tap { |shares| shares[seam] *= factor } }

        refute_predicate ErrorModel::Sampling.new(way, accuracy, count: 20_000), :agrees?, [id, factor].inspect
      end
    end
  end

  def test_the_same_seed_makes_the_same_units
    way = way("rotary/two_at_a_time")
    figures = ->(seed) { ErrorModel::Sampling.new(way, ErrorModel::Accuracy.new(way), count: 500, seed: seed).figures }

    assert_equal figures.call(3), figures.call(3)
    refute_equal figures.call(3), figures.call(4)
  end

  # Good in everything is never more than good in the worst, nor less than both together allow.
  def test_all_good_lies_where_the_shares_allow
    each_way do |way, about|
      accuracy = ErrorModel::Accuracy.new(way)
      sampling = ErrorModel::Sampling.new(way, accuracy, count: 2000)

      assert_operator sampling.all_good, :<=, sampling.figures.values_at(:within_sixteenth, :points_within_sixteenth).min, about
    end
  end

  # Errors add up: a unit with many things off is off by the sum of what each does alone, nearly: a piece that leans and is
  # large too leans a little less.
  def test_measures_are_the_sum_of_what_each_error_does
    random = Random.new(11)
    each_way do |way, about|
      budget = ErrorModel::Budget.new(way)
      values = budget.sources.map { random.rand(-0.02..0.02) }
      made = way.rebuilding.call(Construction::Draws.new(way.task.maker.profile, values))
      %i[sizes points slack].each do |name|
        budget.public_send(name).each do |measure|
          sum = measure.off + measure.shares.zip(values).sum { |share, value| share * value }

          assert_in_delta sum, made[name][measure.place], 2e-3, [about, name].inspect
        end
      end
    end
  end

  # What was found does not depend on what was asked for before.
  def test_sensitivities_do_not_depend_on_what_was_asked_before
    %w[2 3 2 2.3].each do |finished|
      %w[rotary/two_at_a_time rotary/two_at_a_time_oversize].product(%w[half_square hourglass]).each do |id, kind|
        way = way(id, { "kind" => kind, "finished" => finished })
        sources = ErrorModel::Budget.new(way).sources
        kept = ErrorModel::Sensitivities.of(way, sources)

        assert_equal ErrorModel::Sensitivities.send(:find, way, sources.size).to_a, kept.to_a, [id, kind].inspect
      end
    end
  end

  # A patch from a die is alike at every size: what was found for one is kept for all.
  def test_what_is_alike_at_every_size_is_found_once
    found = %w[2 4].map do |finished|
      way = way("template/patches", { "kind" => "half_square", "finished" => finished }, tools: [STRAIGHT, *%w[2 4].map { |size| template(size) }])
      ErrorModel::Sensitivities.of(way, ErrorModel::Budget.new(way).sources)
    end

    assert_same(*found)
  end

  def template(size)
    { "id" => "t#{size}", "name" => "T", "kind" => "template", "makes" => "half_square", "finished" => size }
  end
end
