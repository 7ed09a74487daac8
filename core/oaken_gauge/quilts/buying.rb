# frozen_string_literal: true

module OakenGauge
  module Quilts
    # What to buy for a quilt: for each fabric a cutting plan of everything that is cut from it, each unit by the method picked for it or
    # else by its best, on what there is of it and on a bolt without end. What of the bolt is used beyond the length that there is, is
    # bought. What no fabric was chosen for, or cannot be cut from the one that was, is told and not counted.
    class Buying
      # How much shorter fabric gets that is washed first. Our own guess.
      SHRINKS = 0.03
      # Nobody has so much of one fabric, inches.
      ENDLESS = 100_000r
      # Plans that only say how much to buy need not be the last word.
      EFFORT = 1

      # - fabric: its name; - length: inches, as cut from the bolt
      Bought = Struct.new(:fabric, :length, keyword_init: true)
      # What is left out. - what: {CutPiece} or {UnitsInBlocks::Counted}, :backing; - why: :no_fabric, :too_wide, :no_method
      # - needs: inches that its fabric would have to be wide, nil where that is not why
      LeftOut = Struct.new(:what, :why, :needs, keyword_init: true)

      # @param quilt [Quilt]
      # @param stock [Hash{Symbol => Array<Fabrics::Fabric>}]
      # @param tools [Array<Tools::Tool>, nil]
      # @param seam [Rational] inches
      # @param making [Making]
      # @param grid [Grid] that cut sizes round up to
      def initialize(quilt, stock:, tools:, seam:, making:, grid:)
        @quilt = quilt
        @stock = stock
        @tools = tools
        @seam = seam
        @making = making
        @grid = grid
      end

      # @return [Making]
      attr_reader :making

      # @return [Array<Bought>] by name
      def all
        used = bolts_used
        used[@quilt.backing_fabric] += @quilt.backing.length if @quilt.backing_fabric
        used.sort.map { |fabric, length| bought(fabric, length) }
      end

      # @return [Array<UnitsInBlocks::Counted>] units that no method makes with these tools: nothing is bought for them
      def unmade
        @making.all.reject(&:outcome).map(&:counted)
      end

      # @return [Array<LeftOut>]
      def left_out
        without = fitted.without_fabric.map { |piece| LeftOut.new(what: piece, why: :no_fabric) }
        without += fitted.refused.map { |piece, piecing| LeftOut.new(what: piece, why: :too_wide, needs: piecing.needs) }
        without += unplanned + unmade.map { |counted| LeftOut.new(what: counted, why: :no_method) }
        @quilt.backing_fabric ? without : [*without, LeftOut.new(what: :backing, why: :no_fabric)]
      end

      # @return [Array<Array(CutPiece, Piecing)>] what is sewn together from panels
      def pieced
        fitted.pieced
      end

      # @return [Hash{String => Fabrics::Fabric}] what there is of each fabric that it takes
      def fabrics
        takes.keys.to_h { |fabric| [fabric, @stock.fetch(fabric.to_sym).first] }
      end

      # What it takes of what there is, as each form counts it; of a bolt all that is cut, whether it is there or not.
      # @return [Hash{String => Numeric}] by fabric
      def takes
        @takes ||= taken_of_all
      end

      private

      def taken_of_all
        taken = plans.to_h { |fabric, plan| [fabric.to_s, taken(fabric, plan)] }
        taken[@quilt.backing_fabric] = taken.fetch(@quilt.backing_fabric, 0) + @quilt.backing.length if @quilt.backing_fabric
        taken.reject { |fabric, _| @stock.fetch(fabric.to_sym, []).empty? }
      end

      def bolts_used
        plans.each_with_object(Hash.new(0)) { |(fabric, plan), used| used[fabric.to_s] = plan.used_length }
      end

      def plans
        @plans ||= pieces.empty? && picks.empty? ? {} : Planning::Plan.new(document(pieces, picks)).fabrics
      end

      def taken(fabric, plan)
        @stock.fetch(fabric, []).first&.bolt? ? plan.used_length : plan.sheets_used
      end

      def fitted
        @fitted ||= Fitted.new(@quilt.pieces + @quilt.triangle_squares, @seam, @grid) { |fabric| width(fabric) }
      end

      def width(fabric)
        bolts(fabric).map(&:usable_width).max || Fabrics::Yardage.new.usable_width
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

      def document(pieces, picks)
        names = (pieces.map(&:fabric) + picks.flat_map { |pick| pick.fabrics.values }).map(&:to_sym).uniq
        Planning::Question.new(stock: names.to_h { |name| [name, forms(name)] }, pieces: pieces, picks: picks, seam: @seam,
                                    tools: @tools, effort: EFFORT)
      end

      # What there is in other forms, and a bolt as wide as hers.
      def forms(name)
        width = bolts(name).map(&:usable_width).max
        [Fabrics::Yardage.new(**{ usable_width: width, directional: bolts(name).any?(&:directional?) }.compact),
         *@stock.fetch(name, []).reject(&:bolt?)]
      end

      def pieces
        @pieces ||= fitted.cut.map do |piece|
          Planning::Question::Piece.new(fabric: piece.fabric, size: piece.size, count: piece.count, then_do: piece.then_do)
        end
      end

      def picks
        @picks ||= parted.last.flat_map(&:last)
      end

      # Units whose method gives pieces that are larger than their fabric, and the others; each with what it is planned by.
      def parted
        @parted ||= @making.all.select(&:outcome).map { |made| [made, made.picks] }.partition { |_, picks| plan_of(picks).faults.any? }
      end

      def plan_of(picks)
        Planning::Plan.new(document([], picks))
      end

      def unplanned
        parted.first.map do |made, picks|
          needs = plan_of(picks).too_large.map { |_, kind| kind.ways.map(&:last).min }.max
          LeftOut.new(what: made.counted, why: needs ? :too_wide : :no_method, needs: needs)
        end
      end
    end
  end
end
