# frozen_string_literal: true

module OakenGauge
  module Keeping
    # A whole bench as one file: the maker, her drawer, her shelf, her blocks and projects.
    #
    # @example
    #   { "oaken_gauge" => 1, "maker" => {}, "tools" => [], "fabrics" => [], "blocks" => [], "projects" => [] }
    class Bench
      include Documents::Record

      NAMES = Documents::Scalars::Text.new
      # Which fabric plays which role.
      ROLES = Documents::Composites::Mapping.new(NAMES)

      # The maker as she is told in a file: by name, and with what she sets store by.
      class Maker < Makers::Maker
        text :name, default: nil
        nested :priorities, Weighing::Priorities, default: nil
        list :places, -> { Quilts::Purpose }, within: 0..50, default: nil
      end

      # A fabric on the shelf: what it is called and looks like, and its form.
      class ShelfFabric < Documents::Type
        WEAVES = %w[plain twill dots check slub].freeze

        # What stands beside the keys of its form.
        class Label
          include Documents::Record

          text :id
          text :name
          field :color, Documents::Scalars::Text.new(most: 20), default: nil
          choice :weave, WEAVES, default: nil
        end

        # A label and the fabric it is on.
        Labelled = Struct.new(:label, :fabric, keyword_init: true)
        KEYS = Label.fields.map(&:name).freeze

        # @return [Labelled, nil]
        def read(node)
          return unless node.object?("a fabric with id, name and form")

          label = Label.read(node.only(KEYS))
          fabric = Kinds::FABRIC.read(node.without(KEYS))
          Labelled.new(label: label, fabric: fabric) if label && fabric
        end

        # @return [Hash]
        def write(value, measure)
          value.label.to_document(measure).merge(value.fabric.to_document)
        end

        # @return [Hash] with the label's keys beside those of every form
        def schema
          { "type" => "object", "required" => ["form"], "properties" => { "form" => { "enum" => Fabrics.forms.keys } },
            "allOf" => Fabrics.forms.map { |name, declared| { "if" => told(name), "then" => labelled(declared.schema) } } }
        end

        # @return [Hash]
        def form
          Kinds::FABRIC.form
        end

        private

        def told(name)
          { "properties" => { "form" => { "const" => name } }, "required" => ["form"] }
        end

        def labelled(form)
          label = Label.schema
          form.merge("properties" => label["properties"].merge(form["properties"]), "required" => label["required"] + form["required"])
        end
      end

      # A block, and what projects of the file name it by: its name, where it has no id of its own.
      class Block < Blocks::Block
        text :id, default: nil

        # @return [String]
        def called
          id || name
        end
      end

      # A unit of a project, and the method picked for it.
      class Unit
        include Documents::Record

        # The method, at the size it was picked for.
        class Pick
          include Documents::Record

          choice :method, -> { Methods.ids }, as: :technique
          field :finished, Documents::Measures::OneOrTwo.new(least: Units::Unit::LEAST, most: Units::Unit::LARGEST), default: nil
        end

        text :name
        field :unit, Kinds::UNIT
        field :fabrics, ROLES, default: {}.freeze, always: true
        field :pick, Documents::Composites::Nothing.new(Documents::Composites::Nested.new(Pick)), default: nil
        rule(:fabrics, :unit, at: ->(fabrics, unit) { (fabrics.keys - unit.class.roles).map { |role| ["fabrics", role.to_s] } },
                              say: ->(_, unit) { "unknown key: allowed are #{unit.class.roles.join(', ')}" }) do |fabrics, unit|
          (fabrics.keys - unit.class.roles).empty?
        end
      end

      # A quilt in the making.
      class Project
        include Documents::Record

        text :name
        choice :measure, Weighing::Question::MEASURES, default: :inch
        length :seam_allowance, as: :seam, default: Weighing::Question::SEAM, most: 2, always: true
        field :tools, Documents::Composites::Nothing.new(Documents::Composites::List.new(NAMES, 0..Kinds::MOST_TOOLS)), default: nil
        text :notes, default: nil, most: 10_000, lines: true
        flag :aside
        list :blocks, NAMES, within: 0..100, default: [].freeze
        nested :setting, -> { Blocks::Setting }, default: nil
        list :counts, Documents::Scalars::Whole.new(1..10_000), within: 0..100, default: [].freeze
        nested :binding, -> { Quilts::Question::Binding }, default: nil
        nested :backing, -> { Quilts::Question::Backing }, default: nil
        nested :batting, -> { Quilts::Question::Batting }, default: nil
        list :colourways, KeptQuilt::COLOURWAY, within: 0..KeptQuilt::MOST_COLOURWAYS, default: [].freeze
        list :units, Unit, within: 0..400, default: [].freeze, always: true
      end

      choice :oaken_gauge, [1], always: true
      nested :maker, Maker, default: nil
      Kinds.drawer(self)
      list :retired, NAMES, within: 0..Kinds::MOST_TOOLS, default: [].freeze, meaning: "Tools that are kept and not used, by their ids."
      list :fabrics, ShelfFabric.new, within: 0..2000, default: [].freeze, always: true
      list :blocks, Block, within: 0..500, default: [].freeze
      list :projects, Project, within: 0..500, default: [].freeze, always: true
      list :drills, DrillResult, within: 0..5000, default: [].freeze
      unique(:fabrics, "id", say: "%<read>s is the id of another fabric: allowed is one fabric an id") { |fabric| fabric.label.id }
      unique(:blocks, "id", say: "%<read>s is the id of another block: allowed is one block an id") { |block| block.id || block.object_id }
      rule(:projects, :fabrics, say: "%<read>s is not the id of a fabric in the file",
                                at: ->(projects, fabrics) { lost_fabrics(projects, fabrics) }) { |*given| lost_fabrics(*given).empty? }
      rule(:projects, :tools, say: "%<read>s is not the id of a tool in the file",
                              at: ->(projects, tools) { lost_tools(projects, tools) }) { |*given| lost_tools(*given).empty? }

      rule(:projects, :blocks, say: "%<read>s is not the id of a block in the file",
                               at: ->(projects, blocks) { lost_blocks(projects, blocks) }) { |*given| lost_blocks(*given).empty? }

      class << self
        private

        def lost_blocks(projects, blocks)
          known = blocks.map(&:called)
          each_with_place(projects) { |one| one.blocks.each_index.reject { |place| known.include?(one.blocks[place]) } }
            .map { |project, place| ["projects", project, "blocks", place] }
        end

        def lost_fabrics(projects, fabrics)
          known = fabrics.map { |one| one.label.id }
          lost = ->(unit) { unit.fabrics.reject { |_, id| known.include?(id) }.keys }
          each_with_place(projects) { |project| each_with_place(project.units, &lost) }
            .map { |project, unit, role| ["projects", project, "units", unit, "fabrics", role.to_s] }
        end

        def lost_tools(projects, tools)
          known = (tools || []).map(&:id)
          each_with_place(projects) { |one| (one.tools || []).each_index.reject { |place| known.include?(one.tools[place]) } }
            .map { |project, place| ["projects", project, "tools", place] }
        end

        # Every place of a list, before what is found at it.
        def each_with_place(list)
          list.each_with_index.flat_map { |one, place| yield(one).map { |found| [place, *found] } }
        end
      end
    end
  end
end
