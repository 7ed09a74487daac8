# frozen_string_literal: true

module Server
  # Writes a whole bench as one file: what {Importer} reads. Fabrics go by ids made of their names, so that a bench that was
  # read in is written the same.
  class Exporter
    # Results of drills that go into a file.
    DRILLS = 5000

    # @param maker [Models::Maker]
    def initialize(maker)
      @maker = maker
    end

    # @return [Hash]
    def document
      OakenGauge.bench({ "oaken_gauge" => 1, "maker" => maker,
                         "tools" => kept.map(&:document), "retired" => kept.select(&:retired).map(&:key),
                         "fabrics" => @maker.fabrics.map { |fabric| fabric(fabric) },
                         "blocks" => @maker.blocks.map { |block| block(block) },
                         "projects" => @maker.projects.map { |project| project(project) }, "drills" => drills })
    end

    private

    def maker
      { "name" => @maker.name, **@maker.profile, "priorities" => @maker.priorities, "places" => @maker.places }.compact
    end

    # Those that the core can read; the last ones, where there are very many.
    def drills
      known = OakenGauge.drills.map { |drill| drill["drill"] }
      @maker.drills.where(kind: known, asked: OakenGauge::Keeping::DrillResult::ASKED).last(DRILLS).map(&:to_document)
    end

    # Those that the core can read.
    def kept
      @kept ||= @maker.tools.reject(&:fault)
    end

    def fabric(fabric)
      { "id" => ids.fetch(fabric.id), "name" => fabric.name, "color" => fabric.colour, "weave" => fabric.weave, **fabric.document }
    end

    # Names in small letters, a second of a name with its number.
    def ids
      @ids ||= @maker.fabrics.each_with_object({}) do |fabric, all|
        plain = fabric.name.downcase.gsub(/[^a-z0-9]+/, "-").gsub(/\A-|-\z/, "")
        plain = "fabric" if plain.empty?
        all[fabric.id] = ([plain] + (2..).lazy.map { |number| "#{plain}-#{number}" }.first(all.size + 1)).find { |id| !all.value?(id) }
      end
    end

    def block(block)
      document = OakenGauge.block(block.name, block.picture, block.pieces, block.lines)
      document.merge("pieces" => document["pieces"].map { |piece| piece.merge("fabrics" => named(piece.fetch("fabrics", {}))) })
    end

    # A fabric that is gone from the shelf keeps the name it went by.
    def named(fabrics)
      fabrics.transform_values { |id| ids.fetch(id.to_i, id.to_s) }
    end

    def project(project)
      { "name" => project.name, "measure" => project.measure, "seam_allowance" => project.seam_allowance, "tools" => tools(project),
        **(project.notes.empty? ? {} : { "notes" => project.notes }),
        **quilt(project.quilt), "units" => project.units.includes(:pick, :unit_fabrics).map { |unit| unit(unit) } }
    end

    # A tool that has gone is not told.
    def tools(project)
      project.tool_keys && (project.tool_keys & kept.map(&:key))
    end

    def quilt(kept)
      return {} unless kept

      setting = kept["setting"]
      entries = kept["blocks"].select { |entry| names.key?(entry["id"]) }
      { "blocks" => entries.map { |entry| names[entry["id"]] }, "counts" => entries.map { |entry| entry["count"] }.compact,
        "setting" => setting.merge(rename(setting)), **kept.slice("binding", "backing").transform_values { |part| renamed(part) },
        **colourways(kept.fetch("colourways", [])) }
    end

    def colourways(kept)
      kept.empty? ? {} : { "colourways" => kept.map { |one| named(one).transform_keys { |id| ids.fetch(id.to_i, id) } } }
    end

    def rename(setting)
      { "fabrics" => named(setting.fetch("fabrics", {})), "borders" => setting.fetch("borders", []).map { |border| renamed(border) } }
    end

    def renamed(part)
      part["fabric"] ? part.merge("fabric" => named({ "fabric" => part["fabric"] })["fabric"]) : part
    end

    def names
      @names ||= @maker.blocks.to_h { |block| [block.id, block.name] }
    end

    def unit(unit)
      { "name" => unit.label, "unit" => unit.spec, "fabrics" => unit.unit_fabrics.to_h { |held| [held.role, ids.fetch(held.fabric_id)] },
        **(unit.pick ? { "pick" => { "method" => unit.pick.method_id, "finished" => unit.pick.spec["finished"] }.compact } : {}) }
    end
  end
end
