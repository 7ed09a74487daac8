# frozen_string_literal: true

module Server
  # Reads a whole bench (a maker, her drawer, her shelf, her projects) into the database. It is read by the core
  # first: nothing is stored that it would refuse.
  class Importer
    # What stands beside a fabric's own document.
    LABELS = %w[id name color weave].freeze
    # How a fabric looks whose file does not say, or not in a way that can be drawn.
    PLAIN = { colour: "#b6bcbf", weave: "plain" }.freeze

    # @param document [Hash]
    def initialize(document)
      @document = document
    end

    # @return [Models::Maker]
    # @raise [OakenGauge::Documents::Invalid]
    def import
      bench = OakenGauge.bench(@document)
      Models::Maker.transaction do
        maker = import_maker(bench.fetch("maker", {}))
        bench.fetch("tools", []).each_with_index { |tool, i| maker.tools.create!(document: tool, position: i) }
        shelf = bench["fabrics"].to_h { |fabric| [fabric["id"], import_fabric(maker, fabric)] }
        bench["projects"].each { |project| import_project(maker, project, shelf) }
        maker
      end
    end

    private

    def import_maker(document)
      Models::Maker.create!(name: document.fetch("name", "Maker"), profile: document.except("name", "priorities"),
                            priorities: document.fetch("priorities", {}))
    end

    def import_fabric(maker, fabric)
      colour = fabric["color"]&.downcase
      looks = { colour: (colour if colour&.match?(/\A#[0-9a-f]{6}\z/)), weave: fabric["weave"] }.compact
      maker.fabrics.create!(document: fabric.except(*LABELS), name: fabric["name"], **PLAIN, **looks)
    end

    def import_project(maker, document, shelf)
      project = maker.projects.create!(name: document.fetch("name"), seam_allowance: document.fetch("seam_allowance"))
      document["units"].each_with_index do |given, i|
        unit = project.units.create!(label: given.fetch("name"), spec: given.fetch("unit"), position: i)
        given["fabrics"].each { |role, id| unit.unit_fabrics.create!(role: role, fabric: shelf.fetch(id)) }
      end
    end
  end
end
