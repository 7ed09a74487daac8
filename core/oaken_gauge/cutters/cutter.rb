# frozen_string_literal: true

module OakenGauge
  module Cutters
    # How one shape of patch is cut: which tool, at which mark, and what is taken from the fabric. A
    # method that makes units from single patches picks a cutter for each of their shapes.
    #
    # @abstract A cutter gives {#cut}, and {#settings} with the reasons if it cannot.
    class Cutter
      CutPatch = Construction::CutPatch

      # @return [Patches::Shape]
      attr_reader :shape

      # @param shape [Patches::Shape]
      # @return [Boolean] whether this is a way to cut such a shape at all, whatever tools there are
      def self.suits?(_shape)
        true
      end

      # @param method [Methods::Method] whose task it is, and who is told the reasons
      # @param shape [Patches::Shape]
      def initialize(method, shape)
        @method = method
        @shape = shape
      end

      # @return [Array<Tools::Setting>]
      def settings
        []
      end

      # @return [Tools::Die, nil] the die that cuts it; nil where something else does
      def die
        nil
      end

      # @return [Patches::Band, nil] the strip that blunts its tips; nil when they stay sharp
      def band
        nil
      end

      # @param skill [Construction::Skill]
      # @return [Construction::CutPatch] one patch, errors and all
      def cut_patch(_role, skill)
        step, kind = errs
        CutPatch.new(pushes: shape.outline.points.map { skill.spread(step, kind) }, stretch: CutPatch.stretch(band_outline))
      end

      # @return [Boolean] whether its tips come blunt
      def blunt?
        false
      end

      # @return [Symbol] which of its tips it leaves sharp, see {Construction::DogEars}
      def tips
        :all
      end

      # @return [Boolean] whether the patch is cut larger than it should be, to be squared up
      def large?(_role)
        false
      end

      # @return [Integer] patches that cannot be helped: cut beyond the count
      def spare(_role, _count)
        0
      end

      # @return [Array<Array(Patches::Shape, Integer)>] shapes that come along, with their counts
      def by_products(_role, _count)
        []
      end

      # @return [Array<Array(Patches::Shape, Integer)>] of those that come along, how many the block needs
      def for_block(_role, _count)
        []
      end

      private

      attr_reader :method

      # What all units want of either hand, where it is all of them that are cut.
      def of_so_many(count, hands)
        hands if hands && hands.sum == count
      end

      # A patch cut from a strip: what the strip is too wide lies along the patch's edge on it; the ruler cuts
      # the others, or they are what was cut already.
      def from_strip(run, skill, slants = [])
        too_wide = (run.ways.first[:width] - run.ways.first[:exact]).to_f + skill.strip(run)
        pushes = shape.outline.edges.map { |edge| level?(edge) ? too_wide : slants.shift || skill.spread(:cut_triangle, :triangle_ruler) }
        CutPatch.new(pushes: pushes, stretch: CutPatch.stretch(shape.outline))
      end

      def level?((from, to))
        from.imag == to.imag
      end

      # A patch that is a square or a part of one.
      def from_square(cut, skill)
        method.from_piece(shape).call(*skill.piece(cut), apart: skill.method(:apart))
      end

      # Dog ears that stick out past the unit need not be cut: what would hold them may end there.
      # @return [Polygon] the patch as cut
      def blunted(role, lying = shape.lying.first)
        method.unit.blunted(role, shape, lying, seam)
      end

      # The shape as it lies on the fabric.
      def band_outline
        shape.band(seam).outline
      end

      def task
        method.task
      end

      def seam
        method.seam
      end

      def say(size)
        method.say(size)
      end

      def refuse(code, words, lacks: nil)
        method.refuse(code, words, lacks: lacks)
        []
      end

      # @return [String] the shape in words
      def shape_words
        shape.kind == :shape ? "this shape" : "a #{shape.title}"
      end

      # Where no tool has the size: the marks nearest to it, or why there is none.
      #
      # @param match [Tools::Matching]
      # @param lacking [String] what to say where there is no such tool at all
      # @param kind [Symbol] of tool
      # @yield [marks] what to say of the nearest ones
      # @return [Array<Tools::Mark>]
      def nearest(match, lacking, kind)
        return match.nearest.tap { |marks| refuse(:no_mark, yield(marks)) } unless match.nearest.empty?

        other = made_for_other_seam(match)
        other ? seam_mismatch(other) : refuse(:no_tool, lacking, lacks: kind)
      end

      # @return [Array<Tools::Setting>] the same, as what the tools that have them finish at
      def near_misses(match, lacking, kind, &)
        nearest(match, lacking, kind, &).map { |mark| setting_of(mark, "#{mark.tool.name} finishes at #{say(mark.finished)}.") }
      end

      def made_for_other_seam(match)
        match.made_for_other_seam.first
      end

      # Why tools made for another allowance are of no use.
      def seam_mismatch(tool)
        refuse(:seam_mismatch, "#{tool.name} counts on a seam allowance of #{its_seam(tool)}; with #{say(seam)} what it cuts " \
                               "comes out wrong by #{say((SQRT2 * (seam - tool.made_for_seam)).abs.to_f)} at a tip. " \
                               "Sew with #{its_seam(tool)}, or use another method.")
      end

      def its_seam(tool)
        tool.line(tool.made_for_seam, task.measure)
      end

      def setting_of(mark, words)
        Tools::Setting.new(tool: mark.tool, side: mark.side, mark: mark.printed, reads: mark.reads, off_by: off_by(mark), say: words)
      end

      def off_by(mark)
        mark.finished.is_a?(Rational) && shape.finished.is_a?(Numeric) ? mark.finished - shape.finished.rationalize(1/1_000_000r) : 0r
      end

      def on_tools(marks)
        marks.map { |mark| "#{say(mark.finished)} on #{mark.tool.name}" }.join(", ")
      end
    end
  end
end
