# frozen_string_literal: true

module Server
  # Writes a whole bench as one file: what {Importer} reads. Fabrics and blocks go by ids made of their names, so that a bench that
  # was read in is written the same.
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
      { "id" => fabrics[fabric.id], "name" => fabric.name, "color" => fabric.colour, "weave" => fabric.weave, **fabric.document }
    end

    def fabrics
      @fabrics ||= Ids.new(@maker.fabrics, "fabric")
    end

    def blocks
      @blocks ||= Ids.new(@maker.blocks, "block")
    end

    def block(block)
      document = OakenGauge.block(block.name, block.picture, block.pieces, block.lines)
      pieces = document["pieces"].map { |piece| piece.merge("fabrics" => named(piece.fetch("fabrics", {}))) }
      document.merge("id" => blocks[block.id], "pieces" => pieces)
    end

    # In one order, whatever order they are stored in.
    def named(roles)
      roles.transform_values { |id| fabrics[id] }.sort.to_h
    end

    def project(project)
      { "name" => project.name, "measure" => project.measure, "seam_allowance" => project.seam_allowance, "tools" => tools(project),
        **(project.notes.empty? ? {} : { "notes" => project.notes }), **(project.aside ? { "aside" => true } : {}),
        **quilt(project.quilt), "units" => project.units.includes(:pick, :unit_fabrics).map { |unit| unit(unit) } }
    end

    # A tool that has gone is not told.
    def tools(project)
      project.tool_keys && (project.tool_keys & kept.map(&:key))
    end

    def quilt(kept)
      return {} unless kept

      entries = kept["blocks"].select { |entry| blocks.there?(entry["id"]) }
      entries.empty? ? {} : { **made_of(entries), **set(kept) }
    end

    def made_of(entries)
      { "blocks" => entries.map { |entry| blocks[entry["id"]] }, "counts" => entries.map { |entry| entry["count"] }.compact }
    end

    def set(kept)
      { "setting" => kept["setting"].merge(rename(kept["setting"])),
        **kept.slice("binding", "backing", "batting").transform_values { |part| renamed(part) },
        **colourways(kept.fetch("colourways", [])) }
    end

    def colourways(kept)
      kept.empty? ? {} : { "colourways" => kept.map { |one| named(one.transform_keys { |id| fabrics[id] }) } }
    end

    def rename(setting)
      { "fabrics" => named(setting.fetch("fabrics", {})), "borders" => setting.fetch("borders", []).map { |border| renamed(border) } }
    end

    def renamed(part)
      part["fabric"] ? part.merge("fabric" => named({ "fabric" => part["fabric"] })["fabric"]) : part
    end

    def unit(unit)
      { "name" => unit.label, "unit" => unit.spec, "fabrics" => named(unit.unit_fabrics.to_h { |held| [held.role, held.fabric_id] }),
        **(unit.pick ? { "pick" => { "method" => unit.pick.method_id, "finished" => unit.pick.spec["finished"] }.compact } : {}) }
    end
  end
end
