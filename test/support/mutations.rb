# frozen_string_literal: true

require "json"
require_relative "catalogue"

# Legal documents of every kind, and what becomes of them when somebody's program goes wrong: keys lost, doubled or
# misspelt, values of other types, numbers out of all measure, texts that are none. The same seed gives the same.
class Mutations
  DIE = { "id" => "d", "name" => "D", "kind" => "die", "board" => %w[10 14], "blank" => %w[9 12], "max_layers" => { "cotton" => 4 },
          "shapes" => [{ "patch" => "rectangle", "finished" => %w[2 3], "count" => 2 }] }.freeze
  CHART = { "id" => "c", "name" => "Card", "kind" => "chart", "makes" => "flying_geese", "method" => "four_at_a_time",
            "marks" => [{ "mark" => "3", "finished" => %w[3 6], "squares" => { "goose" => "7 1/4" }, "strips" => { "sky" => "2" } }] }.freeze
  TOOLS = [*Catalogue::TOOLS, DIE, CHART].freeze
  FABRICS = [*Catalogue::FABRICS.values, { "form" => "strips", "pieced" => { "strips" => ["1 1/2", "2"], "colors" => %w[ink sand] } },
             { "form" => "yardage", "price" => 12.5, "currency" => "EUR", "shade" => 3, "prewashed" => true }].freeze
  MAKER = { "school" => "exact", "margin" => "1/4", "trim_sides" => 2, "press" => { "value" => 9, "count" => 32 }, "sew_inch" => 0.5,
            "errors" => { "die" => 0.004, "scant" => { "value" => 0.01 } } }.freeze

  VALUES = [nil, true, false, 0, 1, -1, 7, 24.0, 2.5, -0.5, 1e308, 10**80, "", " ", "\u00a0", "x", "\u0000", "a\u0000b", "two\nlines", "x" * 300,
            "0", "1", "2", "2 7/8", "2⅞", "⅞5", "-1/4", "1/0", "0/8", "1/777777777777777777777777777777", "999999999", "7.3cm", "73 mm", ".5", "2.",
            "inch", "both", [], [[]], [[[1]]], {}, { "a" => 1 }, %w[1 2], %w[2 1], [1, 2, 3], { "from" => "1", "to" => "3", "step" => "1/2" },
            { "left" => 1, "right" => 2 }, { "same_as" => "dark" }, "half_square", "square", "yardage", "finished", "\xff"].freeze
  KEYS = ["colour", "", "Count", "a\u0000b", "count", "finished", "kind", "x" * 200, "é", "same_as"].freeze

  def initialize(seed)
    @random = Random.new(seed)
  end

  # @return [Hash] a legal weigh document
  def weigh
    unit = one(Catalogue.units)
    roles = OakenGauge::Units.kinds.fetch(unit["kind"]).roles.map(&:to_s)
    { "unit" => unit, "tools" => TOOLS.sample(2, random: @random), "fabrics" => roles.sample(1, random: @random).to_h { |role| [role, fabric] },
      "maker" => MAKER, "priorities" => { "fabric" => 2 }, "seam_allowance" => "1/4", "grid" => "1/8" }
  end

  # @return [Hash] a legal sizes document
  def sizes
    { "units" => [{ "kind" => "half_square", "share" => "1/6" }, { "kind" => "flying_geese", "share" => %w[1/6 1/3] },
                  { "kind" => "cut_corner", "share" => "1/3", "corner" => "1/12", "corners" => 2 }],
      "block" => { "from" => "6", "to" => "9", "step" => "1/2" }, "tools" => TOOLS.sample(1, random: @random) }
  end

  # @return [Hash] a legal bench
  def bench
    { "oaken_gauge" => 1, "maker" => MAKER, "tools" => TOOLS.uniq { |tool| tool["id"] }.sample(3, random: @random),
      "fabrics" => [{ "id" => "ink", "name" => "Ink", "color" => "#101820", "weave" => "twill", **fabric }], "blocks" => [block],
      "projects" => [{ "name" => "Quilt", "measure" => "inch", "seam_allowance" => "3/8", "tools" => nil, "notes" => "two\nlines", "blocks" => ["Tide"],
                       "setting" => { "layout" => "on_point", "across" => 3, "down" => 4, "sashing" => nil, "borders" => [{ "width" => "3" }] },
                       "units" => [{ "name" => "A", "unit" => { "kind" => "square", "finished" => "2", "count" => 3 }, "fabrics" => { "patch" => "ink" },
                                     "pick" => { "method" => "rotary/patches", "finished" => "2" } }] }] }
  end

  # @return [Object] the document with one thing wrong, or a few
  def spoil(document)
    spoilt = Marshal.load(Marshal.dump(document))
    one([1, 1, 2, 3]).times { change(spoilt) }
    @random.rand < 0.01 ? value_of : spoilt
  end

  # @return [Object] a value that may not fit
  def value_of
    Marshal.load(Marshal.dump(one(VALUES)))
  end

  # @return [Object] any of a list
  def one(list)
    list[@random.rand(list.size)]
  end

  private

  def fabric
    one(FABRICS)
  end

  def block
    { "name" => "Tide", "columns" => %w[3 3], "rows" => %w[3], "pieces" => [{ "kind" => "flying_geese", "at" => [0, 0], "span" => [2, 1], "turn" => 2,
                                                                              "fabrics" => { "goose" => "ink" } }] }
  end

  # Goes down somewhere, and changes what is there.
  def change(value)
    inside = children(value)
    return spoil_here(value) if inside.empty? || @random.rand < 0.25

    change(one(inside))
  end

  def children(value)
    (value.is_a?(Hash) ? value.values : value).select { |one| one.is_a?(Hash) || one.is_a?(Array) }
  end

  def spoil_here(value)
    value.is_a?(Hash) ? spoil_object(value) : spoil_list(value)
  end

  def spoil_object(value)
    key = value.keys.sample(random: @random)
    case @random.rand(5)
    when 0 then value.delete(key)
    when 1 then value[one(KEYS)] = value_of
    when 2 then value[key] = [value[key]] if key
    else value[key] = value_of if key
    end
  end

  def spoil_list(value)
    at = value.empty? ? 0 : @random.rand(value.size)
    case @random.rand(4)
    when 0 then value.delete_at(at)
    when 1 then value << value_of
    when 2 then value << value[at]
    else value[at] = value_of
    end
  end
end
