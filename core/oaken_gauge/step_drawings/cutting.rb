# frozen_string_literal: true

module OakenGauge
  module StepDrawings
    # What is drawn at the mat: the fabric with its edge, strips that come off it, pieces that come off strips. {Pieces} and
    # {OnStrips} draw what is cut of these.
    class Cutting
      include Pieces
      include OnStrips

      # By operation.
      AT = { starch: :starching, cut_edge: :squaring, cut_strip: :strips, cut_strip_slots: :strips, subcut: :pieces, subcut_slots: :pieces,
             subcut_rectangle: :pieces, lay_slots: :slots, cut_diagonal: :halving, cut_both_diagonals: :halving, cut_kite: :halving,
             cut_triangle: :along_strips, cut_blank: :blanks, cut_blank_off_grain: :blanks, cut_with_die: :pressed, lay_strips: :pair,
             lay_folded: :folded, trim_tips: :tips, cut_sheet: :sheet }.freeze
      # Inches: what the edge of a fabric is off, what is shown of it beyond what is cut, and how much of a length is shown.
      RAGGED = 0.5
      BEYOND = 0.6
      SHORT = 12
      LONG = 20

      # @param way [Methods::Method]
      def initialize(way)
        @way = way
      end

      # @param step [Methods::Step]
      # @param following [Array<Methods::Step>] all that come after it
      # @return [Drawing]
      def drawing(step, following)
        @following = following
        send(AT.fetch(step.operation.name), step)
      end

      private

      attr_reader :way

      def starching(step)
        under_one_another(way.unit.class.roles.select { |role| on?(step, role) }) do |role|
          Drawing.new.piece(role, SHORT, SHORT / 2.0).lines_of(:spray, spray)
        end
      end

      def spray
        Array.new(24) { |i| Complex.rect(1 + (2 * (i % 6)), 0.75 + (1.5 * (i / 6))) }.map { |at| [at, at + 0.4] }
      end

      # Above a crooked edge, with the strip that comes next.
      def squaring(_step)
        return squared_end if @laid

        width = next_strip&.size
        under_one_another(roles_of_strip(width)) do |role|
          drawing = crooked(role, length_of(role), (width || least(role)).to_f)
          width ? drawing.level(:next, RAGGED + width, length_of(role)) : drawing
        end
      end

      def crooked(role, long, deep)
        shape = Polygon.new([[0, 0], [long, RAGGED], [long, deep + BEYOND + RAGGED], [0, deep + BEYOND + RAGGED]])
        edge = Polygon.new([[0, 0], [long, RAGGED], [0, RAGGED]])
        Drawing.new.layers([Layer.new(role, shape, false)]).comes_off([edge]).level(:cut, RAGGED, long)
      end

      # The strip that comes off the edge, which a slotted ruler may be laid for first.
      def next_strip
        @following.find { |step| step.operation.name != :lay_slots }&.then { |step| step if step.operation.role == :strip }
      end

      # The ruler's line lies on the squared edge.
      def strips(step)
        width = step.size.to_f
        under_one_another(roles_of_strip(step.size)) do |role|
          long = length_of(role)
          Drawing.new.piece(role, long, width + BEYOND).tool(Polygon.rectangle(long, width))
                 .level(:lit, 0, long).level(:cut, width, long).label(long / 2.0, width / 2, way.say(step.size))
        end
      end

      # The ruler lies where the next step cuts.
      def slots(_step)
        cut = @following.first
        send(AT.fetch(cut.operation.name), cut).tap { |drawing| drawing.lines.reject! { |line| line.what == :cut } }
      end

      def under_one_another(all, &)
        Beside.under_one_another(all.map(&))
      end

      # Whose strips are cut to a width.
      def roles_of_strip(width)
        cuts = way.allocations.select do |_, taken|
          taken.cut_strips.any? do |own, count|
            count.positive? && (width.nil? || own == width)
          end
        end.keys
        (cuts.empty? ? way.cuts : cuts).map(&:role).uniq
      end

      # The end of a long one is enough.
      def length_of(role)
        sheets = way.allocations.select { |cut, _| cut.role == role }.values.flat_map(&:sheets)
        (sheets.map { |sheet| sheet.size.last.to_f }.max || SHORT).clamp(SHORT, LONG)
      end

      def least(role)
        way.cuts.select { |cut| cut.role == role }.map(&:least_width).min
      end

      def on?(step, role)
        step.on.nil? || step.on.to_s.split(/\W+/).include?(role.to_s)
      end
    end
  end
end
