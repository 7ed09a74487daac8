# frozen_string_literal: true

module OakenGauge
  module StepDrawings
    # Two layers right sides together, sewn beside a line, cut on it and opened, round after round.
    #
    # @abstract A method gives {#stage}: what lies on what in a round, and along which line.
    class Pairs < Making
      # - under, over: {Assembly}, the upper one wrong side up; - marks, seams, cuts: lines, each from point to point;
      # - half: the line to whose left is what is looked at when it is cut; - fold: the seam that it opens along
      Stage = Struct.new(:under, :over, :marks, :seams, :cuts, :half, :fold, keyword_init: true)
      # Which fabric a seam is pressed to, where the step says it.
      TOWARD = { press_to_dark: :dark, press_to_sky: :sky }.freeze
      # How much of the upper layer is turned back to show that it lies face down, and how far an arrow reaches.
      TURNED_BACK = 0.3
      REACH = 0.16

      private

      attr_reader :stage, :made

      def enter(round)
        @stage = stage_of(round)
        @laid = false
        @cut = nil
      end

      # One line, sewn on either side.
      def along(under, over, from, to)
        way = Plane.unit(to - from)
        aside = way * 1i * @deep
        Stage.new(under: under, over: over, marks: [[from, to]], seams: [[from + aside, to + aside], [from - aside, to - aside]],
                  cuts: [[from, to]], half: [from, to], fold: [from + aside, to + aside])
      end

      def marking(_step)
        layers = @laid ? both.layers : stage.over.layers
        Drawing.new.layers(layers).lines_of(:mark, stage.marks)
      end

      def laying(_step)
        @laid = true
        Drawing.new.layers(stage.under.layers + turned_back(stage.over))
      end

      def sewing(_step)
        Drawing.new.layers(both.layers).lines_of(:mark, stage.marks).lines_of(:seam, stitched)
      end

      def cutting(_step)
        @cut = half
        Drawing.new.layers(both.layers).lines_of(:seam, stitched).lines_of(:cut, stage.cuts)
      end

      def pressing(step)
        @made, @ears = opened(step)
        drawing = Drawing.new.layers(made.layers)
        arrows(step).each { |from, way| arrow(drawing, from, way) }
        drawing
      end

      def opening(_step)
        low, high = fold_ends
        middle = (low + high) / 2
        way = Plane.unit(high - low) * 1i * (high - low).abs * REACH * 2
        Drawing.new.layers(half_pair.layers).lines_of(:seam, [fold_ends]).line(:move, middle + (way / 2), middle - way)
      end

      # From the raw edge to the stitches, where both seams cross.
      def snipping(_step)
        low, high = fold_ends
        across = Plane.unit(high - low) * -1i * @deep
        Drawing.new.layers(half_pair.layers).lines_of(:seam, [[low, high]]).line(:cut, ((low + high) / 2) + across, (low + high) / 2)
      end

      def trimming_ears(_step)
        ears = @ears
        @made = Assembly.new(@trimmed)
        Drawing.new.layers(made.layers).comes_off(ears).lines_of(:cut, ears.map(&:longest_edge))
      end

      def measuring(step)
        step.round == work.last.round ? super : Whole.under_ruler(Drawing.new.layers(made.layers), made.sides, step)
      end

      # Seams from edge to edge.
      def stitched
        stage.seams.filter_map { |line| both.chord(*line) }
      end

      # The layers as they lie before they are cut.
      def both
        stage.under + stage.over
      end

      def half
        @half = [stage.under, stage.over].map { |one| one.left_of(*stage.half) }
      end

      def half_pair
        @half.first + @half.last
      end

      # The side that the seam is pressed to lies on top, with both allowances under it.
      def opened(step)
        under, over = @half
        sides = [[under, stage.fold], [over.over(*stage.fold), stage.fold.reverse]]
        sides.reverse! if toward(step) == :under
        (base, fold), (top, its_fold) = sides
        top = top.left_of(*its_fold)
        @trimmed = base.left_of(*fold).layers + top.layers
        [base + top, ears_of(base.left_of(*its_fold), top)]
      end

      def ears_of(allowance, top)
        outside = Outside.new(*top.layers.map(&:outline))
        allowance.layers.flat_map { |layer| outside.of(layer.outline) }
      end

      def toward(step)
        role = TOWARD[step.operation.name] or return :over
        @half.first.layers.any? { |layer| layer.role == role } && @half.last.layers.none? { |layer| layer.role == role } ? :under : :over
      end

      # @return [Array<Array(Complex, Complex)>] where one begins, and how far it goes
      def arrows(step)
        low, high = fold_ends
        way = Plane.unit(high - low) * -1i * (high - low).abs * REACH
        middle = (low + high) / 2
        return [[middle, way], [middle, -way]] if step.operation.name == :press_open

        [[middle - (way / 4), toward(step) == :under ? -way : way]]
      end

      def fold_ends
        @half.first.chord(*stage.fold)
      end

      # A corner of the upper layer, right side up.
      def turned_back(over)
        sides = over.sides
        corner = Complex.rect(sides.right, sides.top)
        depth = [sides.wide, sides.high].min * TURNED_BACK
        fold = [corner - depth, corner - (1i * depth)]
        over.left_of(*fold.reverse).then { |rest| rest.layers + over.left_of(*fold).over(*fold).layers }
      end
    end
  end
end
