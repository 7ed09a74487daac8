# frozen_string_literal: true

module Server
  # Reads a whole bench (a maker, her drawer, her shelf, her blocks and projects) into the database. It is read by the core
  # first: nothing is stored that it would refuse.
  class Importer
    include Quilts
    include Work

    # What stands beside a fabric's own document.
    LABELS = %w[id name color weave].freeze
    # How a fabric looks whose file does not say, or not in a way that can be drawn.
    PLAIN = { colour: "#b6bcbf", weave: "plain" }.freeze

    # What is done where something else goes by the same name: both are kept, hers stays, or the file's takes its place.
    CLASHES = %w[both mine theirs].freeze

    # @param document [Hash]
    # @param clash [String] one of CLASHES
    # @raise [OakenGauge::Documents::Invalid]
    def initialize(document, clash: "both")
      @bench = OakenGauge.bench(document)
      @clash = clash
      @kept = @bench.fetch("blocks", []).each_with_index.map { |block, place| kept(block, place) }
    end

    # @return [Models::Maker] a new one, with everything in the file
    def import
      Models::Maker.transaction { add_to(make(@bench.fetch("maker", {}))) }
    end

    # Adds what is in the file to what a maker has. What she has already just so is not added again.
    #
    # @param maker [Models::Maker]
    # @yield [share, doing] as it goes on: how much of it is done, from 0 to 1, and what is being done; raising stops it
    # @return [Models::Maker]
    def add_to(maker, &told)
      @told = told
      @look = Look.new(maker, @bench)
      maker.transaction do
        @drawer = maker.tools.index_by(&:key)
        @tools = @bench.fetch("tools", []).to_h { |tool| [tool["id"], add_tool(maker, tool)] }
        @shelf = add_fabrics(There.new(maker.fabrics))
        @blocks = add_blocks(There.new(maker.blocks))
        add_work(maker)
        maker.reload
      end
    end

    # What there is of the file here already, before anything is stored.
    # @param maker [Models::Maker]
    # @return [Hash]
    def look(maker)
      Look.new(maker, @bench).document
    end

    private

    # What a block looks like is worked out before anything is stored.
    def kept(block, place)
      OakenGauge.kept_block(block.except("id"))
    rescue OakenGauge::Documents::Invalid => e
      raise OakenGauge::Documents::Invalid, (e.faults.map do |fault|
        fault.class.new(pointer: "/blocks/#{place}#{fault.pointer}", message: fault.message)
      end)
    end

    def make(document)
      Models::Maker.here.create!(name: document.fetch("name", "Maker"), profile: document.except("name", "priorities", "places"),
                            priorities: document.fetch("priorities", {}), places: document["places"])
    end

    # @return [String] the id it goes by here
    def add_tool(maker, tool)
      there = @drawer[tool["id"]]
      return there.key if there && (there.document == tool || settled(there, { document: tool }))

      id = free_id(tool["id"], @drawer)
      @drawer[id] = maker.tools.create!(document: tool.merge("id" => id), position: @drawer.size, retired: retired?(tool))
      id
    end

    def free_id(id, taken)
      [id, *(2..(taken.size + 2)).map { |number| "#{id}-#{number}" }].find { |one| !taken.key?(one) }
    end

    def retired?(tool)
      @bench.fetch("retired", []).include?(tool["id"])
    end

    def add_fabrics(there)
      @bench["fabrics"].to_h { |fabric| [fabric["id"], same_or_stored(there, told_of(fabric))] }
    end

    def told_of(fabric)
      colour = fabric["color"]&.downcase
      looks = { colour: (colour if colour&.match?(/\A#[0-9a-f]{6}\z/)), weave: fabric["weave"] }.compact
      { document: fabric.except(*LABELS), name: fabric["name"], **PLAIN, **looks }
    end

    # Of several by one name without ids of their own the last is meant.
    def add_blocks(there)
      @bench.fetch("blocks", []).zip(@kept).to_h { |block, kept| [block["id"] || block["name"], add_block(there, block, kept)] }
    end

    def add_block(there, block, kept)
      cells = kept["picture"]["cells"].map { |row| row.map { |cell| with_ids(cell) } }
      same_or_stored(there, { name: block.fetch("name"), picture: kept["picture"].merge("cells" => cells), lines: kept["lines"],
                              pieces: kept["pieces"].map { |piece| with_ids(piece) } })
    end

    # What is there just so; or what is done with another of the name.
    def same_or_stored(there, told)
      there.same(told) || there.take(settled(there.named(told), told)) || there.add(told)
    end

    # @return [ActiveRecord::Base, nil] hers, as it stays; nil where both are kept
    def settled(hers, told)
      return if hers.nil?

      hers.update!(told) if @clash == "theirs"
      hers unless @clash == "both"
    end

    # A cell's fabrics are a list, a piece's go by their roles.
    def with_ids(part)
      fabrics = part.fetch("fabrics", {})
      part.merge("fabrics" => fabrics.is_a?(Hash) ? fabrics.transform_values { |name| stored([name]).first } : stored(fabrics))
    end

    # Fabrics of the file by the ids they are stored under; one that is not on its shelf keeps its name.
    def stored(names)
      names.map { |name| @shelf[name]&.id&.to_s || name }
    end
  end
end
