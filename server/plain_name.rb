# frozen_string_literal: true

module Server
  # A name as keys and files have it: small letters, digits and dashes.
  module PlainName
    # @param name [String]
    # @param longest [Integer] letters at the most
    # @param empty [String] what stands for a name of other letters
    # @return [String] "long-rule" of "Long Rule!"
    def self.of(name, longest: 60, empty: "")
      plain = name.parameterize[0, longest].chomp("-")
      plain.empty? ? empty : plain
    end

    # @param plain [String]
    # @param taken [Enumerable<String>]
    # @return [String] the same, or with the first number that makes it another
    def self.free(plain, taken)
      return plain unless taken.include?(plain)

      (2..).each { |number| (one = "#{plain}-#{number}") && !taken.include?(one) and return one }
    end
  end
end
