# frozen_string_literal: true

module Server
  class Importer
    # How projects of a file are kept, with their units and picks, and how drills went.
    module Work
      # Answers that are kept while a file is read in.
      MOST_WEIGHED = 50

      private

      def add_work(maker)
        replaced(maker).each { |one| one.update!(removed_at: Time.now, link_digest: nil) } if @clash == "theirs"
        @bench["projects"].each { |project| add_project(maker, project) }
        add_drills(maker)
      end

      # Results that are there already are not added again.
      def add_drills(maker)
        (@bench.fetch("drills", []) - maker.drills.map(&:to_document)).each do |result|
          maker.drills.create!(kind: result["drill"], **result.slice("asked", "right"), created_at: result["at"])
        end
      end

      def add_project(maker, document)
        return if @look.project_stays?(document, @clash)

        project = maker.all_projects.create!(name: document.fetch("name"), seam_allowance: document.fetch("seam_allowance"),
                                             measure: measure(document), tool_keys: document["tools"]&.map { |id| @tools.fetch(id) },
                                             notes: document.fetch("notes", ""), aside: document.fetch("aside", false),
                                             quilt: quilt(document))
        document["units"].each_with_index { |given, i| add_unit(project, given, i) }
      end

      # Hers by a name that the file has for another one.
      def replaced(maker)
        names = @bench["projects"].reject { |project| @look.project_stays?(project, @clash) }.map { |project| project["name"] }
        maker.projects.where(name: names)
      end

      # Millimetres are worked in as centimetres are.
      def measure(document)
        document.fetch("measure", "inch") == "inch" ? "inch" : "cm"
      end

      def add_unit(project, given, place)
        tell(project)
        unit = project.units.create!(label: given.fetch("name"), spec: given.fetch("unit"), position: place)
        given["fabrics"].each { |role, id| unit.unit_fabrics.create!(role: role, fabric: @shelf.fetch(id)) }
        pick(unit, given["pick"]) if given["pick"]
      end

      def tell(project)
        @units_in_all ||= @bench["projects"].sum { |one| one["units"].size }
        @told&.call((@units_added = @units_added.to_i + 1) / (@units_in_all + 1.0), "units of #{project.name}"[0, 80])
      end

      # A method that cannot make it with what is there now stays picked, as it would have stayed at the bench that it comes from.
      def pick(unit, given)
        spec = unit.spec.merge(given.slice("finished"))
        chosen = weighed(unit.weigh_document(spec)).find { |method| method["method"] == given["method"] }
        unit.create_pick!(method_id: given["method"], spec: spec, answer: chosen.except("drawings")) if chosen
      end

      # Units that are alike are weighed once.
      def weighed(document)
        @weighed ||= {}
        @weighed.fetch(document) do
          @weighed.clear if @weighed.size >= MOST_WEIGHED
          @weighed[document] = OakenGauge.weigh(document, view: true)["methods"]
        end
      end
    end
  end
end
