# frozen_string_literal: true

module OakenGauge
  module Learning
    # Three strips of 1 1/2 sewn side by side and pressed: the middle one measures 1 when each seam, fold and thread and
    # all, takes a quarter. (1 1/2 − middle)/2 is what each takes; less 1/4 it is how much too deep it is.
    class SeamTest
      include Documents::Record

      STRIP = 3/2r
      SEAM = 1/4r

      choice :test, %w[three_strips], always: true
      list :middle, Documents::Measures::Size.new(most: STRIP), within: 1..200
      rule(:middle, say: "holds a reading that no seam gives: allowed is more than 1/2, and less than 1 1/2") do |readings|
        readings.all? { |one| one > 1/2r && one < STRIP }
      end

      # @return [Array<Float>] how much deeper than a quarter each pair of seams is, inches
      def deeper
        middle.map { |one| (((STRIP - one) / 2) - SEAM).to_f }
      end

      # What was measured is what fold and thread take, less what she sews scant. It is the mean of two seams: a single one varies
      # √2 times as much.
      #
      # @param maker [Makers::Maker]
      # @param drawer [Tools::Drawer]
      # @return [Array<Lessons::Readings>]
      def teaches(maker, drawer)
        scant = maker.profile[:scant]
        foot = Tools::Aids.new(drawer.of(Tools::MarkingAid), maker.marking).edge_seam
        [Lessons::Readings.new(mean: :take_up, spread: foot, found: deeper.map { |one| one + scant }, scale: SQRT2)]
      end
    end
  end
end
