# frozen_string_literal: true

module Server
  class Importer
    # What of a file is here already: what is new, what is just the same, and what goes by the same name and is something else.
    class Look
      # What tells things of each kind apart.
      NAMES = { "tools" => "id", "fabrics" => "name", "blocks" => "name", "projects" => "name" }.freeze

      # @param maker [Models::Maker]
      # @param bench [Hash] the file, as the core wrote it
      def initialize(maker, bench)
        @here = plain(Exporter.new(maker).document)
        @file = plain(bench)
      end

      # @return [Hash] by kind, names that are "new", the "same", and "other"
      def document
        NAMES.keys.to_h { |kind| [kind, sorted(kind)] }
      end

      # @param project [Hash] of the file
      # @return [Boolean] whether it is not to be added
      def project_stays?(project, clash)
        name = project["name"]
        sorted("projects")["same"].include?(name) || (clash == "mine" && sorted("projects")["other"].include?(name))
      end

      private

      def sorted(kind)
        (@sorted ||= {})[kind] ||= begin
          states = @file.fetch(kind, []).group_by { |one| state(kind, one) }
          %w[new same other].to_h { |state| [state, states.fetch(state, []).map { |one| one["name"] }] }
        end
      end

      def state(kind, one)
        named = here(kind)[one[NAMES.fetch(kind)]] or return "new"

        named.include?(one) ? "same" : "other"
      end

      # By what tells them apart: a bench may have thousands.
      def here(kind)
        (@here_by_name ||= {})[kind] ||= @here.fetch(kind, []).group_by { |one| one[NAMES.fetch(kind)] }
      end

      # Fabrics and blocks go by ids of the file's own: in their place stand their names, a second of a name with its number.
      def plain(bench)
        fabrics = numbered(bench["fabrics"])
        blocks = numbered(bench.fetch("blocks", []))
        { **bench, "fabrics" => bench["fabrics"].map { |fabric| fabric.except("id") },
          "blocks" => bench.fetch("blocks", []).map { |block| renamed(block.except("id"), fabrics) },
          "projects" => bench["projects"].map { |one| renamed(of_blocks(one, blocks), fabrics) } }
      end

      def numbered(list)
        counts = Hash.new(0)
        list.to_h do |one|
          number = counts[one["name"]] += 1
          [one["id"] || one["name"], number > 1 ? "#{one['name']} (#{number})" : one["name"]]
        end
      end

      def of_blocks(project, names)
        project.key?("blocks") ? project.merge("blocks" => project["blocks"].map { |id| names.fetch(id, id) }) : project
      end

      def renamed(value, names)
        case value
        when Hash then value.to_h { |key, one| [key, %w[fabrics fabric].include?(key) ? named(one, names) : renamed(one, names)] }
        when Array then value.map { |one| renamed(one, names) }
        else value
        end
      end

      def named(value, names)
        case value
        when Hash then value.transform_values { |id| names.fetch(id, id) }
        when Array then value.map { |id| names.fetch(id, id) }
        else names.fetch(value, value)
        end
      end
    end
  end
end
