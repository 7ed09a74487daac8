# frozen_string_literal: true

module OakenGauge
  module Quilts
    # What to buy for a quilt: for each fabric a cutting plan of everything that is cut from it, each unit by its best method,
    # on what there is of it and on a bolt without end. What of the bolt is used beyond the length that there is, is bought.
    class Buying
      # How much shorter fabric gets that is washed first. Our own guess.
      SHRINKS = 0.03
      # Nobody has so much of one fabric, inches.
      ENDLESS = 100_000r
      # More pieces are not planned together while somebody waits: each sort is cut in strips of its own then.
      PLANNED = 10_000
      # Plans that only say how much to buy need not be the last word.
      EFFORT = 1

      # - fabric: its name; - length: inches, as cut from the bolt
      Bought = Struct.new(:fabric, :length, keyword_init: true)

      # @param quilt [Quilt]
      # @param stock [Hash{Symbol => Array<Fabrics::Fabric>}]
      # @param tools [Array<Tools::Tool>, nil]
      # @param seam [Rational] inches
      # @yield [unit] {Units::Unit}
      # @yieldreturn [Weighing::Task] the question how to make them
      def initialize(quilt, stock:, tools:, seam:, &question)
        @quilt = quilt
        @stock = stock
        @tools = tools
        @seam = seam
        @question = question
      end

      # @return [Array<Bought>] by name
      def all
        used = cut
        used[@quilt.backing_fabric] += @quilt.backing.length if @quilt.backing_fabric
        used.sort.map { |fabric, length| bought(fabric, length) }
      end

      # @return [Array<UnitsInBlocks::Counted>] units that no method makes with these tools: nothing is bought for them
      def unmade
        @quilt.units.reject { |counted| best(counted.unit) }
      end

      private

      # @return [Hash{String => Numeric}] inches of the bolt that are cut up, by fabric
      def cut
        used = Hash.new(0)
        return used if picks.empty? && pieces.empty?
        return each_by_itself if many?

        Planning::Plan.new(document).fabrics.each { |fabric, plan| used[fabric.to_s] = plan.used_length }
        used
      end

      def many?
        pieces.sum(&:count) + picks.sum { |pick| pick.unit.count * pick.unit.patches.size } > PLANNED
      end

      # In strips of the whole width, for every kind of unit and every size of piece its own.
      def each_by_itself
        shares = pieces.map { |piece| [piece.fabric, strips(piece, width(piece.fabric))] } + picks.flat_map { |pick| by_fabric(pick) }
        shares.each_with_object(Hash.new(0)) { |(fabric, length), used| used[fabric] += length }
      end

      def by_fabric(pick)
        best(pick.unit).fabric.map do |role, parts|
          fabric = pick.fabrics[role]
          [fabric, parts.consumed / width(fabric).to_f]
        end
      end

      def strips(piece, width)
        across, along = piece.size
        along > width ? piece.count * across * along / width : piece.count.fdiv((width / along).floor).ceil * across
      end

      def width(fabric)
        bolts(fabric).map(&:usable_width).min || Fabrics::Yardage.new.usable_width
      end

      def bought(fabric, used)
        missing = [used - bolts(fabric).sum { |bolt| bolt.length || ENDLESS }, 0].max
        Bought.new(fabric: fabric, length: washed?(fabric) ? missing / (1 - SHRINKS) : missing)
      end

      def washed?(fabric)
        @stock.fetch(fabric.to_sym, []).any?(&:prewashed)
      end

      def bolts(fabric)
        @stock.fetch(fabric.to_sym, []).select(&:bolt?)
      end

      def document
        Planning::Question.new(stock: names.to_h { |name| [name, forms(name)] }, pieces: pieces, picks: picks, seam: @seam,
                                    tools: @tools, effort: EFFORT)
      end

      # What there is in other forms, and a bolt as wide as hers.
      def forms(name)
        width = bolts(name).map(&:usable_width).min
        @stock.fetch(name, []).reject(&:bolt?) + [Fabrics::Yardage.new(**{ usable_width: width }.compact)]
      end

      def names
        (pieces.map { |piece| piece.fabric.to_sym } + picks.flat_map { |pick| pick.fabrics.values.map(&:to_sym) }).uniq
      end

      def pieces
        @pieces ||= (@quilt.pieces + @quilt.triangle_squares).select(&:fabric).map do |piece|
          Planning::Question::Piece.new(fabric: piece.fabric, size: piece.size, count: piece.count, then_do: piece.then_do)
        end
      end

      def picks
        @picks ||= @quilt.units.flat_map { |counted| in_pairs(counted) }.filter_map do |unit, fabrics|
          outcome = best(unit) or next
          Planning::Question::Pick.new(unit: unit, technique: outcome.way.class.id, fabrics: fabrics)
        end
      end

      # An hourglass of four fabrics takes of two what another of two takes of the other two.
      def in_pairs(counted)
        fabrics = counted.fabrics
        more = fabrics.slice(:light_2, :dark_2)
        first = fabrics.except(*more.keys)
        second = { light: more[:light_2], dark: more[:dark_2] }.compact
        return [[counted.unit, first]] if second.empty? || first == first.merge(second)

        half = (counted.unit.count/2r).ceil
        [first, first.merge(second)].map { |named| [counted.unit.with(count: half), named] }
      end

      def best(unit)
        (@best ||= {}).fetch(unit) do
          outcome = Weighing::Weigher.new(@question.call(unit)).outcomes.first
          @best[unit] = (outcome if outcome.feasible?)
        end
      end
    end
  end
end
