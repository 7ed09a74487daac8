# frozen_string_literal: true

module OakenGauge
  module Quilts
    # A quilt: its blocks, how they are set, and what there is to cut it from.
    #
    # @example
    #   { "blocks" => [{ "block" => { "name" => "Buoy", "columns" => ["12"], "rows" => ["12"],
    #                                 "pieces" => [{ "kind" => "square", "at" => [0, 0], "fabrics" => { "patch" => "sea" } }] },
    #                    "count" => 20 }],
    #     "setting" => { "layout" => "straight", "across" => 4, "down" => 5 } }
    class Question
      include Documents::Record

      # One kind of block, and how often it is made.
      class Entry
        include Documents::Record

        nested :block, -> { Blocks::Block }
        integer :count, within: 1..10_000
      end

      # The strip round the edge.
      class Binding
        include Documents::Record

        length :strip, default: 5/2r, most: 20, least: 1/2r
        text :fabric, default: nil
      end

      # What lies under the quilt.
      class Backing
        include Documents::Record

        length :overhang, default: 4r, most: 40, least: 0r
        length :usable_width, default: 40r, most: 200, least: 4r
        text :fabric, default: nil
      end

      # What lies between.
      class Batting
        include Documents::Record

        flag :fusible
      end

      choice :oaken_gauge, [1], default: 1
      list :blocks, Entry, within: 1..100
      nested :setting, -> { Blocks::Setting }
      nested :binding, Binding, default: nil
      nested :backing, Backing, default: nil
      length :seam_allowance, as: :seam, default: Weighing::Question::SEAM, most: 2
      field :stock, Documents::Composites::Mapping.new(Planning::Question::FORMS, most: 200), default: {}.freeze
      choice :measure, Weighing::Question::MEASURES, default: nil
      list :picks, Planning::Question::Pick, within: 0..400, default: [].freeze
      nested :batting, Batting, default: nil
      Kinds.drawer(self)
      nested :maker, -> { Makers::Maker }, default: nil

      # @return [Quilts::Quilt]
      # @raise [Invalid] when its blocks cannot be sewn or set so
      def quilt
        faults = Faults.new(self, entries).all + FinishingFaults.new(asked, backing).all
        raise Documents::Invalid, faults unless faults.empty?

        Quilts::Quilt.new(asked)
      end

      # @param quilt [Quilts::Quilt]
      # @return [Quilts::Buying]
      def buying(quilt)
        making = Quilts::Making.new(quilt.units, picks) do |unit|
          Weighing::Question.new(unit: unit, seam: seam, tools: tools, maker: maker, measure: measure, written_in: written_in).task
        end
        Quilts::Buying.new(quilt, stock: stock, tools: tools, seam: seam, making: making, grid: Layout.grid(answered_in))
      end

      # @return [Array<Quilts::Panels>] the quilt on each foundation sheet
      def panels
        Quilts::Panels.sheets(tools.to_a, seam).map { |sheet| Quilts::Panels.new(entries, setting, sheet) }
      end

      # @return [Symbol] what lengths are answered in
      def answered_in
        measure || written_in
      end

      private

      def asked
        binding = self.binding || Binding.new
        backing = self.backing || Backing.new
        @asked ||= Quilts::Quilt::Asked.new(entries: entries, setting: setting, seam: seam, binding: [binding.strip, binding.fabric],
                                 usable: usable(binding.fabric), backing: [overhang(backing), backing.usable_width, backing.fabric],
                                                 grid: Layout.grid(answered_in))
      end

      # No glue of fusible batting may lie bare.
      def overhang(backing)
        batting&.fusible ? [backing.overhang, Finishing::BATTING + Finishing::BEYOND_GLUE].max : backing.overhang
      end

      def entries
        @entries ||= blocks.each_with_index.map { |entry, place| [Blocks::UnitsOf.new(entry.block, "/blocks/#{place}/block"), entry.count] }
      end

      def usable(fabric)
        bolt = stock.fetch(fabric&.to_sym, []).find(&:bolt?)
        (bolt || Fabrics::Yardage.new).usable_width
      end
    end
  end
end
