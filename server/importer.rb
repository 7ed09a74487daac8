# frozen_string_literal: true

module Server
  # Reads a whole bench (a maker, her drawer, her shelf, her blocks and projects) into the database. It is read by the core
  # first: nothing is stored that it would refuse.
  class Importer
    # What stands beside a fabric's own document.
    LABELS = %w[id name color weave].freeze
    # How a fabric looks whose file does not say, or not in a way that can be drawn.
    PLAIN = { colour: "#b6bcbf", weave: "plain" }.freeze

    # @param document [Hash]
    # @raise [OakenGauge::Documents::Invalid]
    def initialize(document)
      @bench = OakenGauge.bench(document)
      @pictures = @bench.fetch("blocks", []).each_with_index.map { |block, place| picture(block, place) }
    end

    # @return [Models::Maker] a new one, with everything in the file
    def import
      Models::Maker.transaction { add_to(make(@bench.fetch("maker", {}))) }
    end

    # Adds what is in the file to what a maker has. What she has already just so is not added again; where something else
    # goes by the same name, both are kept.
    #
    # @param maker [Models::Maker]
    # @return [Models::Maker]
    def add_to(maker)
      maker.transaction do
        @bench.fetch("tools", []).each { |tool| add_tool(maker, tool) }
        @shelf = @bench["fabrics"].to_h { |fabric| [fabric["id"], add_fabric(maker, fabric)] }
        @blocks = @bench.fetch("blocks", []).zip(@pictures).to_h { |block, picture| [block["name"], add_block(maker, block, picture)] }
        @bench["projects"].each { |project| add_project(maker, project) }
        maker
      end
    end

    private

    # What a block looks like is worked out before anything is stored.
    def picture(block, place)
      OakenGauge.picture(block)
    rescue OakenGauge::Documents::Invalid => e
      raise OakenGauge::Documents::Invalid, (e.faults.map do |fault|
        fault.class.new(pointer: "/blocks/#{place}#{fault.pointer}", message: fault.message)
      end)
    end

    def make(document)
      Models::Maker.create!(name: document.fetch("name", "Maker"), profile: document.except("name", "priorities"),
                            priorities: document.fetch("priorities", {}))
    end

    def add_tool(maker, tool)
      has = maker.tools.reload.to_a
      return if has.any? { |one| one.document == tool }

      taken = has.map(&:key)
      id = [tool["id"], *(2..(taken.size + 2)).map { |number| "#{tool['id']}-#{number}" }].find { |one| !taken.include?(one) }
      maker.tools.create!(document: tool.merge("id" => id), position: has.size)
    end

    def add_fabric(maker, fabric)
      colour = fabric["color"]&.downcase
      looks = { colour: (colour if colour&.match?(/\A#[0-9a-f]{6}\z/)), weave: fabric["weave"] }.compact
      told = { document: fabric.except(*LABELS), name: fabric["name"], **PLAIN, **looks }
      maker.fabrics.find_by(told.except(:document).merge(document: told[:document])) || maker.fabrics.create!(told)
    end

    def add_block(maker, block, picture)
      told = { name: block.fetch("name"), picture: picture.merge("cells" => picture["cells"].map do |row|
        row.map do |cell|
          with_ids(cell)
        end
      end),
               pieces: block.fetch("pieces", []).map { |piece| with_ids(piece) } }
      maker.blocks.reload.find { |one| one.attributes.symbolize_keys.slice(*told.keys) == told } || maker.blocks.create!(told)
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

    def add_project(maker, document)
      project = maker.all_projects.create!(name: document.fetch("name"), seam_allowance: document.fetch("seam_allowance"),
                                           notes: document.fetch("notes", ""), quilt: quilt(document))
      document["units"].each_with_index { |given, i| add_unit(project, given, i) }
    end

    def add_unit(project, given, place)
      unit = project.units.create!(label: given.fetch("name"), spec: given.fetch("unit"), position: place)
      given["fabrics"].each { |role, id| unit.unit_fabrics.create!(role: role, fabric: @shelf.fetch(id)) }
      pick(unit, given["pick"]) if given["pick"]
    end

    # A method that cannot make it any more, with these tools, is not picked.
    def pick(unit, given)
      spec = unit.spec.merge(given.slice("finished"))
      chosen = OakenGauge.weigh(unit.weigh_document(spec), view: true)["methods"].find { |method| method["method"] == given["method"] }
      unit.create_pick!(method_id: given["method"], spec: spec, answer: chosen.except("drawings")) if chosen && chosen["feasible"]
    end

    def quilt(document)
      setting = document["setting"]
      blocks = document.fetch("blocks", []).filter_map { |name| @blocks[name] }
      return unless setting && blocks.any?

      counts = document.fetch("counts", [])
      { "blocks" => blocks.each_with_index.map { |block, i| { "id" => block.id, "count" => counts[i] }.compact },
        "setting" => setting.merge(with_stored(setting)),
        **document.slice("binding", "backing").transform_values { |part| with_fabric(part) } }
    end

    def with_stored(setting)
      { "fabrics" => setting.fetch("fabrics", {}).transform_values { |name| stored([name]).first },
        "borders" => setting.fetch("borders", []).map { |border| with_fabric(border) } }
    end

    def with_fabric(part)
      part["fabric"] ? part.merge("fabric" => stored([part["fabric"]]).first) : part
    end
  end
end
