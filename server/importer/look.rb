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
        named = @here.fetch(kind, []).select { |other| other[NAMES.fetch(kind)] == one[NAMES.fetch(kind)] }
        return "new" if named.empty?

        named.include?(one) ? "same" : "other"
      end

      # Fabrics go by ids of the file's own: in their place stand their names.
      def plain(bench)
        names = bench["fabrics"].to_h { |fabric| fabric.values_at("id", "name") }
        { **bench, "fabrics" => bench["fabrics"].map { |fabric| fabric.except("id") },
          **bench.slice("blocks", "projects").transform_values { |list| list.map { |one| renamed(one, names) } } }
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
