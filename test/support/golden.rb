# frozen_string_literal: true

require "digest"
require "json"
require "zlib"
require_relative "catalogue"

# A few hundred weigh documents of every kind, and the figures that were answered to them before. A change
# that is meant to leave the figures as they are is held against these; one that is meant to move them
# writes them anew (bin/support/golden) and says so.
module Golden
  FILE = File.expand_path("../golden/weigh.json.gz", __dir__)
  PER_UNIT = 12
  SEED = 20_261_101
  COUNTS = [1, 2, 6, 7, 13, 24, 40, 101].freeze
  SEAMS = ["1/4", "1/4", "1/4", "3/8", "6mm", "3/16"].freeze
  MAKERS = [{}, {}, { "school" => "oversize", "margin" => "1/4" }, { "school" => "exact", "pressing" => "open" }, { "trim_sides" => 2 },
            { "bonus" => true, "starched" => true }, { "marking" => "drawn_line", "numbers" => "strip" },
            { "large_square" => "goose", "errors" => { "scant" => 0.01, "seam_foot" => { "value" => 0.012, "count" => 24 } } }].freeze
  PRIORITIES = [{}, {}, { "fabric" => 3, "time" => 0 }, { "ease" => 2 }].freeze
  SCRAPS = Array.new(60) { |i| [%w[9 12], %w[7 7], %w[20 6], %w[11 11], ["5 1/2", "18"]][i % 5] }.freeze
  FABRICS = [*Catalogue::FABRICS.except("scraps").values, { "form" => "scraps", "pieces" => SCRAPS },
             { "form" => "yardage", "usable_width" => "40", "length" => "27" },
             { "form" => "strips", "width" => "2 1/2", "usable_length" => "40", "count" => 12 },
             { "form" => "fat_quarter", "count" => 3, "starched" => true }].freeze
  # What is compared of a method.
  FIGURES = %w[makes fabric waste effort rank beaten_by].freeze
  ACCURACY = %w[size_bias size_sd point_sd within_sixteenth points_within_sixteenth too_small_to_trim alignments bias_edges good].freeze

  class << self
    # @return [Array<Hash>]
    def documents
      @documents ||= begin
        random = Random.new(SEED)
        Catalogue.units.flat_map { |unit| Array.new(PER_UNIT) { document(unit, random) } }
      end
    end

    # @return [Array<Hash>] a list of methods a document, as they are now
    def answers
      documents.map { |document| answer(document) }
    end

    # @return [Hash] its methods, by name
    def answer(document)
      figures(OakenGauge.weigh(document))
    end

    # @return [Array<Hash>] as they were kept
    def kept
      Zlib::GzipReader.open(FILE) { |file| JSON.parse(file.read) }
    end

    def keep
      Zlib::GzipWriter.open(FILE) { |file| file.mtime = 1 and file.write(JSON.generate(answers)) }
    end

    private

    def document(unit, random)
      kind = OakenGauge::Units.kinds.fetch(unit["kind"])
      count = COUNTS.sample(random: random)
      sized = unit["count"].is_a?(Hash) ? unit : unit.merge("count" => count)
      fabrics = kind.roles.to_h { |role| [role.to_s, FABRICS.sample(random: random)] }
      { "unit" => sized, "seam_allowance" => SEAMS.sample(random: random), "fabrics" => random.rand < 0.4 ? {} : fabrics,
        "maker" => MAKERS.sample(random: random), "priorities" => PRIORITIES.sample(random: random), "tools" => tools(random) }
    end

    # All tools mostly, now and then half of them, or none but rulers.
    def tools(random)
      share = random.rand
      return Catalogue::TOOLS if share < 0.7

      share < 0.9 ? Catalogue::TOOLS.sample(10, random: random) : Catalogue::TOOLS.first(3)
    end

    def figures(answer)
      answer["methods"].to_h { |method| [method["method"], method["feasible"] ? feasible(method) : { "codes" => codes(method) }] }
    end

    def codes(method)
      method["problems"].map { |problem| problem["code"] }
    end

    def feasible(method)
      cuts = method["cuts"].map { |cut| cut.values_at("fabric", "size", "count") }
      rounded(method.slice(*FIGURES).merge("accuracy" => method["accuracy"].slice(*ACCURACY), "cuts" => cuts))
    end

    def rounded(value)
      case value
      when Hash then value.transform_values { |one| rounded(one) }
      when Array then value.map { |one| rounded(one) }
      when Float then value.round(6)
      else value
      end
    end
  end
end
