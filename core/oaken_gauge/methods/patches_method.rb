# frozen_string_literal: true

module OakenGauge
  module Methods
    # Units made of patches that are each cut by themselves, and sewn one seam at a time.
    #
    # @abstract A family declares its cutters, best first; each shape is cut by the first that suits it.
    class PatchesMethod < Method
      include SquaredUp

      # Shapes without tips, which lie right any way.
      PLAIN = %i[square rectangle].freeze

      rebuilding Rebuilding::Patches
      drawn_as StepDrawings::PatchByPatch

      class << self
        # @overload cutters(*classes)
        #   Declares the cutters.
        # @return [Array<Class>]
        def cutters(*classes)
          @cutters = classes unless classes.empty?
          @cutters || superclass.cutters
        end

        # @overload needs_one_by(cutter)
        #   Declares that the method is offered only where that cutter cuts one of the shapes.
        # @return [Class, nil]
        def needs_one_by(cutter = nil)
          @needs_one_by = cutter if cutter
          @needs_one_by
        end

        # @param unit [Units::Unit]
        # @return [Boolean] whether each of its shapes can be cut so
        def offers?(unit)
          unit.shapes.all? { |shape| cutters.any? { |cutter| cutter.suits?(shape) } } &&
            (needs_one_by.nil? || unit.shapes.any? { |shape| needs_one_by.suits?(shape) })
        end
      end

      # @return [Array<Tools::Setting>]
      def settings
        @settings ||= unit.shapes.flat_map { |shape| cutter(shape).settings }.uniq
      end

      # @return [Array<Layout::Piece, Layout::Run, Layout::Blank>]
      def cuts
        @cuts ||= one_blank_a_layer(demands.filter_map { |role, shape, count| cutter(shape).cut(role, count) })
      end

      # @param role [Symbol]
      # @return [Array<Cutters::Cutter>] of each of its shapes, once
      def cutters_of(role)
        demands.select { |own, _, _| own == role }.map { |_, shape, _| cutter(shape) }
      end

      # @return [Array<Spare>] halves of squares and layers of dies that come out too many
      def spares
        demands.flat_map { |role, shape, count| spares_of(role, shape, count) }
      end

      # @return [Array<Spare>] what comes along of dies and is needed by the block that the units are for
      def for_block
        demands.flat_map do |role, shape, count|
          cutter(shape).for_block(role, count).map { |held, needed| Spare.new(role: role, shape: held, count: needed) }
        end
      end

      # Patches from strips come blunt.
      # @return [Float] square inches of a fabric in one unit
      def fabric_of(role)
        unit.patches_of(role).group_by(&:shape).sum(0.0) do |shape, patches|
          band = cutter(shape).band
          patches.sum(0.0) { |patch| band ? unit.fabric_in_blunt_patch(patch, seam, band) : unit.fabric_in_patch(patch, seam) }
        end
      end

      # @return [Array<Step>]
      def making_steps
        [*sewing_steps, *squaring_steps]
      end

      # @return [Array<Step>] tips are trimmed before anything is sewn
      def cutting_steps
        super + tip_steps
      end

      # @return [Construction::CutPatch]
      def cut_patch(patch, skill)
        cutter(patch.shape).cut_patch(patch.role, skill)
      end

      # @return [Sewing] how its seams are laid, led and pressed
      def sewing
        how = { blunt: blunt?, open: opens_seams? }
        unit.frame.known.fetch([:sewing, seam, how]) { Sewing.new(unit, seam, **how) }
      end

      # @return [Symbol]
      def tips(patch)
        corner_trimmer ? :none : cutter(patch.shape).tips
      end

      # @return [Boolean]
      def blunt?
        !corner_trimmer.nil? || unit.shapes.select { |shape| tips?(shape) }.all? { |shape| cutter(shape).blunt? }
      end

      # What trims the tips of triangles so that they show where they sit on the side they are sewn to.
      # @return [Tools::CornerTrimmer, nil]
      def corner_trimmer
        return unless unit.class.engineered && unit.shapes.any? { |shape| tips?(shape) && !cutter(shape).blunt? }

        task.drawer.of(Tools::CornerTrimmer).find { |tool| tool.made_for_seam == seam }
      end

      private

      # Shapes of one fabric on one board come from the same layers.
      def one_blank_a_layer(cuts)
        cuts.group_by { |cut| cut.die ? [cut.role, cut.die.id] : cut.object_id }.values.map do |same|
          same.max_by(&:count)
        end
      end

      def tip_steps
        return [] unless corner_trimmer

        patches = unit.patches.count { |patch| tips?(patch.shape) && !cutter(patch.shape).blunt? }
        [step(:trim_tips, patches * unit.count, on: corner_trimmer.name)]
      end

      def tips?(shape)
        !PLAIN.include?(shape.kind)
      end

      def spares_of(role, shape, count)
        own = [shape, cutter(shape).spare(role, count)]
        [own, *cutter(shape).by_products(role, count)].reject { |_, over| over.zero? }
                                                      .map { |held, over| Spare.new(role: role, shape: held, count: over) }
      end

      # What is needed: fabric, shape, how many.
      def demands
        @demands ||= unit.class.roles.flat_map do |role|
          unit.patches_of(role).map(&:shape).tally.map { |shape, each| [role, shape, each * unit.count] }
        end
      end

      def cutter(shape)
        (@cutters ||= {}.compare_by_identity)[shape] ||= self.class.cutters.find { |cutter| cutter.suits?(shape) }.new(self, shape)
      end

      # Every seam of the finished unit, longer by the allowances at its ends, then pressed: round after round.
      def sewing_steps
        sewing.rounds.flat_map { |joints| [*seams(joints, sewing), *presses(joints, sewing)] }
      end

      def seams(joints, sewing)
        joints.map { |joint| [unit.seams[joint], sewing.lead(joint)] }.tally.map do |(length, lead), each|
          step(:sew_seam, each * unit.count, size: seam, length: length + (2 * seam), on: lead)
        end
      end

      def presses(joints, sewing)
        return [step(:press_seam, joints.size * unit.count)] if opens_seams?

        joints.map { |joint| sewing.toward(joint) }.tally.map { |way, each| step(:press_toward, each * unit.count, on: way) }
      end
    end
  end
end
