# frozen_string_literal: true

module OakenGauge
  module ErrorModel
    # How true units come out that were made in several ways: any one of them is as likely of one way as there are units
    # made so. The same figures as {Accuracy}.
    class MixedAccuracy
      # The same mixes come again, as those {Accuracy} keeps do.
      KEPT = Memo.new(500)
      private_constant :KEPT

      # @param parts [Array<Array(Accuracy, Integer)>] each with the units made so
      # @return [MixedAccuracy] one for all mixes that are alike
      def self.of(parts)
        KEPT.fetch(parts) { new(parts) }
      end

      # @param parts [Array<Array(Accuracy, Integer)>] each with the units made so
      def initialize(parts)
        all = parts.sum(&:last).to_f
        @ways = parts.map { |accuracy, units| [accuracy, units / all] }
      end

      # @return [Blend]
      def size
        @size ||= Blend.new(@ways.map { |accuracy, share| [accuracy.size, share] })
      end

      # @return [Blend]
      def point
        @point ||= Blend.new(@ways.map { |accuracy, share| [accuracy.point, share] })
      end

      %i[within points_within too_small good_share rounding].each do |figure|
        define_method(figure) do
          (@figures ||= {})[figure] ||= @ways.sum { |accuracy, share| share * accuracy.public_send(figure) }
        end
      end

      # @return [Integer] edges on the bias that are handled raw, on one unit at the most
      def bias_edges
        @ways.map { |accuracy, _| accuracy.bias_edges }.max
      end

      # @return [Symbol]
      def basis
        @ways.all? { |accuracy, _| accuracy.basis == :measured } ? :measured : :assumed
      end

      # @return [Array<Accuracy::Part>]
      def parts
        @parts ||= begin
          all = [*by_step.map { |step, list| pooled(step, list) }, between]
          whole = all.sum(&:share)
          all.each { |part| part.share = whole.zero? ? 1.0 / all.size : part.share / whole }.sort_by { |part| [-part.share, part.step] }
        end
      end

      # @return [Hash{Integer => Array(Float, Float)}]
      def drift
        Accuracy.drift(size, @ways.first.first.between_units)
      end

      private

      def by_step
        @ways.flat_map { |accuracy, share| accuracy.parts.map { |part| [part, share] } }.group_by { |part, _| part.step }
      end

      # What the ways differ by on average.
      def between
        size, point = [self.size, self.point].map { |blend| Math.sqrt(blend.between_parts) }
        Accuracy::Part.new(step: :mix, size_bias: 0.0, size_sd: size, point_sd: point, share: (size**2) + (point**2))
      end

      # Variances and biases are those of the units made so, in their share of all.
      def pooled(step, list)
        mean = ->(&figure) { list.sum { |part, share| share * figure.call(part) } }
        size, point = %i[size_sd point_sd].map { |figure| mean.call { |part| part[figure]**2 } }
        Accuracy::Part.new(step: step, size_bias: mean.call(&:size_bias), size_sd: Math.sqrt(size), point_sd: Math.sqrt(point),
                           share: size + point)
      end
    end
  end
end
