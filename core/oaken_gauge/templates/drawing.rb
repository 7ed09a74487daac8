# frozen_string_literal: true

module OakenGauge
  module Templates
    # Draws the template of one patch of a unit.
    class Drawing
      # @param patches [Array<Units::Patch>] of that shape in the unit
      def initialize(task, shape, patches, blunt)
        @task = task
        @shape = shape
        @patches = patches
        @blunt = blunt
      end

      # @return [Pattern]
      def pattern
        Pattern.new(title: title, words: words, cut: cut, seam: @shape.outline, along: Pattern.grain_of(@shape), measure: @task.measure)
      end

      private

      def cut
        blunt? ? @task.unit.blunted(role, @shape, @shape.outline, @task.seam) : @shape.cut_outline(@task.seam)
      end

      def blunt?
        @blunt && @shape.outline.convex?
      end

      def role
        @patches.first.role
      end

      def title
        finished = [@shape.finished].flatten
        size = finished.map { |side| length(side) }.join(" × ") if finished.all?(Rational)
        [@shape.title.capitalize, size && "finishes at #{size}"].compact.join(", ")
      end

      def words
        roles = Saying.list(@patches.map(&:role).uniq)
        sides = @task.unit.side_lengths.map { |side| length(side) }.uniq.join(" × ")
        ["#{roles} of a #{@task.unit.class.title}, #{sides} finished", "Seam allowance #{length(@task.seam)} included.", *blunt_words]
      end

      def blunt_words
        "Dog ears are off already." if blunt?
      end

      def length(inches)
        Length.new(inches, @task.measure).to_s
      end
    end
  end
end
