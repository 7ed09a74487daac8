# frozen_string_literal: true

module OakenGauge
  # Reads a length as people type it.
  module LengthParsing
    # What a reader is told when a length cannot be read.
    ALLOWED = 'a length such as "2 7/8", "2-7/8", "2⅞", "2.875", "7.3cm" or "73mm"; of fabric "1 1/2 yd" or "1.4 m" too'

    # No length in a quilt takes more characters than this.
    LONGEST = 40

    FRACTION = %r{(?:(?<whole>\d+)[ -]+)?(?<over>\d+)\s*[/⁄]\s*(?<under>\d+)}
    VULGAR = /(?:(?<before>\d+)[ -]*)?(?<vulgar>[¼-¾⅐-⅞])/
    DECIMAL = /(?<decimal>\d+(?:[.,]\d+)?|[.,]\d+)/
    SUFFIX = /(?<suffix>"|″|''|inches|inch|in|yards|yard|yds|yd|metres|metre|meters|meter|cm|mm|m)?/i
    WRITTEN = /\A\s*(?<sign>-)?(?:#{FRACTION}|#{VULGAR}|#{DECIMAL})\s*#{SUFFIX}\s*\z/
    SUFFIX_MEASURES = { "cm" => :cm, "mm" => :mm }.freeze
    # Lengths of fabric: inches in a yard, and what a metre is written in.
    YARD = 36
    METRE = 100

    # @param text [String]
    # @return [Length]
    # @raise [UnreadableLength] when it is not a length
    def parse(text)
      match = readable?(text) && WRITTEN.match(text)
      raise UnreadableLength, "#{text.inspect[0, 60]} is not #{ALLOWED}" unless match
      raise UnreadableLength, "#{text.inspect} divides by nothing" if match[:under]&.to_i&.zero?

      suffix = match[:suffix].to_s.downcase
      return new(amount(match) * METRE * Length::MEASURES.fetch(:cm), :cm) if suffix.match?(/\Am(?!m)/)
      return new(amount(match) * YARD) if suffix.start_with?("y")

      measure = SUFFIX_MEASURES.fetch(suffix, :inch)
      new(amount(match) * Length::MEASURES.fetch(measure), measure)
    end

    private

    def readable?(text)
      text.is_a?(String) && text.length <= LONGEST && text.valid_encoding?
    end

    def amount(match)
      size = match[:decimal] ? "0#{match[:decimal].tr(',', '.')}".to_r : mixed_number(match)
      match[:sign] ? -size : size
    end

    def mixed_number(match)
      over, under = match[:vulgar] ? match[:vulgar].unicode_normalize(:nfkc).split("⁄") : [match[:over], match[:under]]
      (match[:whole] || match[:before]).to_i + Rational(over.to_i, under.to_i)
    end
  end
end
