# frozen_string_literal: true

module OakenGauge
  module Fabrics
    # What is said of fabric that is cut from selvage to selvage, or was.
    module AlongStrips
      # @param sheets [Array<Layout::Sheet>] strips that were taken for a cut, all of one width
      # @return [Array<Array(Rational, Integer)>] that, and how many
      def strips_of(sheets)
        sheets.empty? ? [] : [[sheets.first.wide, sheets.sum(&:repeats)]]
      end

      # Along a strip lies the crosswise grain.
      # @return [Boolean] whether its grain is known
      def grain?
        true
      end

      # None of the ways to lie fits: across a strip, or else along it.
      # @param cut [Layout::Cut]
      # @return [Problem]
      def too_small_for(cut, measure)
        forms = cut.forms_on_strips(directional?)
        wide = forms.select { |form| wide_enough?(form) }
        wide.empty? ? too_narrow(cut, forms.map(&:width).min, measure) : too_short(cut, wide.map { |form| form.reach.call(1) }.min, measure)
      end

      private

      # What is on no ruler is said in eighths.
      def say(size, measure)
        Length.new(size.is_a?(Float) ? Grid.new(1/8r).ceil(size) : size, measure)
      end

      def too_narrow(cut, needed, measure)
        Problem.new(code: :strip_too_narrow,
                    say: "Needs a strip #{say(needed, measure)} wide from the #{cut.role}; the #{called(measure)} are too narrow. " \
                         "Use wider strips or yardage, or a method that cuts smaller.")
      end

      def too_short(cut, needed, measure)
        Problem.new(code: :short,
                    say: "One piece is #{say(needed, measure)} long; the #{cut.role} is #{say(along_strip, measure)} " \
                         "along the strip, #{say(needed - along_strip, measure)} too short.")
      end
    end
  end
end
