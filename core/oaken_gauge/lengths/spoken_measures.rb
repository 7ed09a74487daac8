# frozen_string_literal: true

module OakenGauge
  # How areas, small differences and bars of a scale are told, by what is worked in.
  #
  # - area, area_words: String, its name, short and in full; - square: square inches are multiplied by this;
  # - small: String after a small difference;
  # - thousandths: inches are multiplied by this for one, - digits: how many then stand behind the point;
  # - limit: String, what good work stays within; - bars: [inches, words] of bars to tell a scale by, the shortest first
  SpokenMeasures = Struct.new(:area, :area_words, :square, :small, :thousandths, :digits, :limit, :bars, keyword_init: true) do
    # @param measure [Symbol]
    # @return [SpokenMeasures]
    def self.of(measure)
      measure == :inch ? self::INCHES : self::CENTIMETRES
    end

    # @param inches [Numeric]
    # @return [String] "1/32", "a hair" for what is less than half of a sixty-fourth, or "0.5 mm"
    def tell(inches)
      return "#{format('%.1f', inches.abs * thousandths)}#{small}" unless small.empty?

      parts = (inches.abs * 64).round
      parts.zero? ? "a hair" : Length.new(parts/64r).to_s
    end

    # @param inches [Numeric]
    # @return [String] the same with its unit: "1/32 inch"
    def tell_whole(inches)
      told = tell(inches)
      small.empty? && told != "a hair" ? "#{told} inch" : told
    end
  end

  SpokenMeasures::INCHES = SpokenMeasures.new(area: "sq in", area_words: "square inches", square: 1.0,
                                              small: "", thousandths: 1.0, digits: 3, limit: "1/16",
                                              bars: [[0.25, "1/4 in"], *[1, 5, 10, 50].map { |long| [long.to_f, "#{long} in"] }]).freeze
  # An inch is 2.54 centimetres.
  SpokenMeasures::CENTIMETRES = SpokenMeasures.new(area: "sq cm", area_words: "square centimetres", square: 6.4516,
                                                   small: " mm", thousandths: 25.4, digits: 2,
                                                   limit: "1.6 mm",
                                                   bars: [0.5, 2, 10, 25, 100].map { |long| [long / 2.54, "#{long} cm"] }).freeze
end
