# frozen_string_literal: true

module OakenGauge
  # Reads a length as people type it.
  module LengthParsing
    # What a reader is told when a length cannot be read.
    ALLOWED = 'a length such as "2 7/8", "2-7/8", "2⅞", "2.875", "7.3cm" or "73mm"'

    # No length in a quilt takes more characters than this.
    LONGEST = 40

    FRACTION = %r{(?:(?<whole>\d+)[ -]+)?(?<over>\d+)\s*/\s*(?<under>\d+)}
    DECIMAL = /(?<decimal>\d+(?:\.\d+)?|\.\d+)/
    SUFFIX = /(?<suffix>"|″|''|inches|inch|in|cm|mm)?/
    WRITTEN = /\A\s*(?<sign>-)?(?:#{FRACTION}|#{DECIMAL})\s*#{SUFFIX}\s*\z/
    SUFFIX_MEASURES = { "cm" => :cm, "mm" => :mm }.freeze

    # @param text [String]
    # @return [Length]
    # @raise [UnreadableLength] when it is not a length
    def parse(text)
      match = text.is_a?(String) && text.length <= LONGEST && WRITTEN.match(plain(text))
      raise UnreadableLength, "#{text.inspect[0, 60]} is not #{ALLOWED}" unless match
      raise UnreadableLength, "#{text.inspect} divides by nothing" if match[:under]&.to_i&.zero?

      measure = SUFFIX_MEASURES.fetch(match[:suffix], :inch)
      new(amount(match) * Length::MEASURES.fetch(measure), measure)
    end

    private

    # Vulgar fractions (⅞) become digits over digits, with a space before them.
    def plain(text)
      return text if text.ascii_only?

      text.scrub("?").gsub(/[¼-¾⅐-⅞]/) { |vulgar| " #{vulgar.unicode_normalize(:nfkc)}" }.tr("⁄", "/")
    end

    def amount(match)
      size = match[:decimal] ? decimal(match[:decimal]) : match[:whole].to_i + Rational(match[:over].to_i, match[:under].to_i)
      match[:sign] ? -size : size
    end

    def decimal(digits)
      "0#{digits}".to_r
    end
  end
end
