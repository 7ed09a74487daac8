# frozen_string_literal: true

require "oaken_gauge"
require_relative "catalogue"

# Makers and units at random, and how their budget of errors compares with units made out of polygons.
module Budget
  # The most that a spread may differ, of itself and in standard errors of the sample; the most that the share of good ones may.
  SPREAD = 0.05
  ERRORS = 3
  GOOD = 0.015

  # One figure of one method. - of: where it is of; - told, made: the budget's and the sample's; - may: how far it may be off
  Figure = Struct.new(:of, :told, :made, :may, keyword_init: true) do
    def agrees?
      off <= may
    end

    def off
      (told - made).abs
    end

    def say
      "#{told.round(4)} told, #{made.round(4)} made"
    end
  end

  KINDS = %w[half_square hourglass three_triangle flying_geese square_in_square cut_corner square rectangle].freeze
  # Of a hand: spreads to 0.03, lines read wrong to one in five.
  MOST = Hash.new(0.03).merge(misread: 0.2, fold_take_up: 0.08).freeze

  class << self
    # @return [Array<Figure>]
    def compared(cases:, seed:, units:)
      chance = Random.new(seed)
      Array.new(cases) { |i| of_one(document(chance), units, i) }.flatten
    end

    private

    def document(chance)
      maker = OakenGauge::Makers::Parameters.of(:error).reject { |one| one.name == :misread_by || chance.rand < 0.5 }
                                            .to_h { |one| [one.name.to_s, chance.rand * MOST[one.name]] }
      { "unit" => unit(chance), "tools" => Catalogue::TOOLS, "maker" => { "errors" => maker } }
    end

    # Sixteenths, so that half of the sizes lie between the eighths.
    def unit(chance)
      kind = KINDS[chance.rand(KINDS.size)]
      side = Rational(chance.rand(16..96), 16)
      other = Rational(chance.rand(16..64), 16)
      { "kind" => kind, "count" => kind == "three_triangle" ? { "left" => 4, "right" => 4 } : 8, **sizes(kind, side, other, chance) }
    end

    def sizes(kind, side, other, chance)
      case kind
      when "flying_geese" then { "finished" => [say(other), say(2 * other)] }
      when "rectangle" then { "finished" => [say(side), say(other)] }
      when "cut_corner" then { "finished" => say(2 * other), "corner" => say(other * Rational(chance.rand(3..8), 8)), "corners" => chance.rand(1..4) }
      else { "finished" => say(side) }
      end
    end

    def say(size)
      OakenGauge::Length.new(size).to_s
    end

    def of_one(document, units, seed)
      task = OakenGauge.read_weighing(document)
      outcomes = OakenGauge::Weighing::Weigher.new(task).outcomes.select(&:feasible?)
      outcomes.reject { |one| one.way.class.technique == "mixed" }.flat_map do |outcome|
        figures(outcome.way.sample(count: units, seed: seed), "#{task.unit.class.kind} #{outcome.way.class.id}", outcome.accuracy)
      end
    end

    def figures(sample, of, accuracy)
      spreads = %i[size_sd point_sd].map do |name|
        made = sample.figures[name]
        Figure.new(of: "#{of} #{name}", told: sample.budget[name], made: made, may: (SPREAD * made) + (ERRORS * sample.errors[name]) + 1e-9)
      end
      [*spreads, Figure.new(of: "#{of} good", told: accuracy.good_share, made: sample.all_good, may: GOOD)]
    end
  end
end
