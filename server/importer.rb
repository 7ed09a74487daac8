# frozen_string_literal: true

module Server
  # Reads a bench document (a maker, her drawer, her cloths, her projects) into the database. Tools,
  # fabrics and units in it are read by the core first: nothing is stored that it would refuse.
  class Importer
    # @param document [Hash]
    def initialize(document)
      @document = document
    end

    # @return [Models::Maker]
    # @raise [OakenGauge::Documents::Invalid]
    def import
      check
      Models::Maker.transaction do
        maker = Models::Maker.create!(@document.fetch("maker").slice("name", "profile", "priorities"))
        import_tools(maker)
        import_cloths(maker)
        @document.fetch("projects").each { |project| import_project(maker, project) }
        maker
      end
    end

    private

    # Every unit is read with the whole drawer, its own cloth, and the maker.
    def check
      maker = { "maker" => @document.fetch("maker").fetch("profile", {}), "priorities" => @document.fetch("maker").fetch("priorities", {}) }
      @document.fetch("projects").flat_map { |project| project.fetch("units") }.each do |unit|
        OakenGauge::Documents::WeighReader.read("unit" => unit.fetch("unit"), "tools" => @document.fetch("tools"), **maker,
                                                "fabrics" => unit.fetch("cloths").transform_values { |name| fabric(name) })
      end
    end

    def fabric(name)
      @document.fetch("cloths").find { |cloth| cloth.fetch("name") == name }.fetch("fabric")
    end

    def import_tools(maker)
      @document.fetch("tools").each_with_index { |tool, i| maker.tools.create!(document: tool, position: i) }
    end

    def import_cloths(maker)
      @document.fetch("cloths").each do |cloth|
        maker.cloths.create!(document: cloth.fetch("fabric"), **cloth.slice("name", "colour", "weave").transform_keys(&:to_sym))
      end
    end

    def import_project(maker, document)
      project = maker.projects.create!(name: document.fetch("name"), seam_allowance: document.fetch("seam_allowance", "1/4"))
      document.fetch("units").each_with_index do |given, i|
        unit = project.units.create!(label: given.fetch("label"), spec: given.fetch("unit"), position: i)
        given.fetch("cloths").each { |role, name| unit.unit_cloths.create!(role: role, cloth: maker.cloths.find_by!(name: name)) }
      end
    end
  end
end
