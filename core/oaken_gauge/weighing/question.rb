# frozen_string_literal: true

module OakenGauge
  module Weighing
    # The question which method to use for a unit.
    #
    # @example
    #   { "unit" => { "kind" => "half_square", "finished" => "2", "count" => 24 }, "seam_allowance" => "1/4" }
    class Question
      include Documents::Record

      SEAM = 1/4r
      # What is usual to sew with, as it is written, by what one measures in.
      USUAL_SEAMS = { inch: "1/4", cm: "0.75cm" }.freeze
      GRIDS = { inch: 1/8r, cm: 5/127r, mm: 5/127r }.freeze
      MEASURES = Length::MEASURES.keys.map(&:to_s).freeze

      choice :oaken_gauge, [1], default: 1
      field :unit, Kinds::UNIT
      field :at, Documents::Measures::Said.new(most: Units::Unit::LARGEST), default: nil,
meaning: "Weigh the unit larger or smaller, so that its side (its height) finishes at this."
      length :seam_allowance, as: :seam, default: SEAM, most: 2
      length :grid, as: :step, default: nil, least: Documents::Measures::FINEST, most: 1, because: "nothing is cut finer",
                    meaning: "What cut sizes round up to."
      field :fabrics, Documents::Composites::Mapping.new(Kinds::FabricOrSame.new), default: {}.freeze, meaning: "By the unit's roles."
      Kinds.drawer(self)
      nested :maker, -> { Makers::Maker }, default: nil
      nested :priorities, Priorities, default: nil
      nested :for_block, ForBlock, default: nil
      choice :measure, MEASURES, default: nil, meaning: "What lengths are answered in."

      rule(:at, :unit, say: ->(_, unit) { "is %<read>s: allowed is #{room_for(unit)}" }) do |at, unit|
        at.nil? || at.inches.between?(*sizes_of(unit))
      end
      rule(:fabrics, :unit, at: ->(fabrics, unit) { in_fabrics(fabrics.keys - unit.class.roles) }, schema: {},
                            say: ->(_, unit) { "unknown key: allowed are #{unit.class.roles.join(', ')}" }) do |fabrics, unit|
        (fabrics.keys - unit.class.roles).empty?
      end
      rule(:fabrics, at: ->(fabrics) { in_fabrics(lost(fabrics), "same_as") },
                     say: "is %<read>s: allowed is another role that has a fabric of its own") { |fabrics| lost(fabrics).empty? }
      rule(:fabrics, :seam, at: ->(*given) { in_fabrics(sewn_away(*given), "pieced", "strips") },
                            say: "leaves no fabric between the seams: allowed are strips wider than two allowances") do |*given|
        sewn_away(*given).empty?
      end

      rule(:unit, :seam, at: ->(*) { [%w[unit outline]] },
                         say: "cannot be sewn: the seam allowance closes a gap in it, or its raw edges meet") do |unit, seam|
        unit.patches.all? { |patch| sewable?(patch.outline, seam) }
      end

      class << self
        # The roles of each kind of unit are the names its fabrics go by.
        # @return [Hash]
        def schema
          super.merge("allOf" => super["allOf"].reject(&:empty?) + Units.kinds.map { |kind, unit| roles_schema(kind, unit) })
        end

        private

        # Where something is told of some roles.
        def in_fabrics(roles, *deeper)
          roles.map { |role| ["fabrics", role.to_s, *deeper] }
        end

        # Where raw edges cross or touch there is nothing to sew along.
        def sewable?(outline, seam)
          outline.convex? || outline.floating.offset(seam.to_f).then { |raw| raw.simple? && raw.area > outline.area }
        end

        def room_for(unit)
          least, most = sizes_of(unit).map { |size| Length.new(size) }
          "at least #{least} and at most #{most}"
        end

        def sizes_of(unit)
          [Units::Unit::LEAST, Units::Unit::LARGEST].map { |side| side * unit.measure_on_beam / unit.side_lengths.max }
        end

        # Roles that are the same as one that has no fabric of its own.
        def lost(fabrics)
          fabrics.select { |_, fabric| same?(fabric) && (fabrics[fabric.role.to_sym].nil? || same?(fabrics[fabric.role.to_sym])) }.keys
        end

        def same?(fabric)
          fabric.is_a?(Kinds::FabricOrSame::Same)
        end

        def sewn_away(fabrics, seam)
          fabrics.reject { |_, fabric| same?(fabric) }.select { |_, fabric| fabric.pieced && !fabric.pieced.width(seam).positive? }.keys
        end

        def roles_schema(kind, unit)
          of_kind = { "type" => "object", "required" => ["kind"], "properties" => { "kind" => { "const" => kind } } }
          { "if" => { "properties" => { "unit" => of_kind } },
            "then" => { "properties" => { "fabrics" => { "propertyNames" => { "enum" => unit.roles.map(&:to_s) } } } } }
        end
      end

      # @return [Weighing::Task]
      def task
        Weighing::Task.new(unit: at ? unit.at(at.inches) : unit, seam: seam, drawer: drawer,
                           grid: Grid.new(step || lines), fabrics: fabric_of_each_role,
                           maker: maker || Makers::Maker.new, measure: answered_in, for_block: for_block,
                           priorities: (priorities || Priorities.new).weights)
      end

      private

      def answered_in
        measure || at&.measure || unit.written_in
      end

      def drawer
        @drawer ||= tools ? Tools::Drawer.new(tools) : Tools::Drawer.starter(answered_in)
      end

      # What is cut with a ruler is cut on its lines, whatever it is printed in: where every straight ruler is of the other
      # measure, theirs.
      def lines
        rulers = drawer.of(Tools::StraightRuler)
        other = rulers.reject { |ruler| (ruler.written_in == :inch) == (answered_in == :inch) }
        other.any? && other.size == rulers.size ? other.first.step : GRIDS.fetch(answered_in)
      end

      # The same fabric stays the same object.
      def fabric_of_each_role
        own = unit.class.roles.to_h { |role| [role, fabrics[role]] }
        held = own.transform_values { |fabric| (fabric || Fabrics::Yardage.new).sized(seam) unless same?(fabric) }
        own.to_h { |role, fabric| [role, same?(fabric) ? held.fetch(fabric.role.to_sym) : held.fetch(role)] }
      end

      def same?(fabric)
        fabric.is_a?(Kinds::FabricOrSame::Same)
      end
    end
  end
end
