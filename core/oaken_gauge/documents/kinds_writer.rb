# frozen_string_literal: true

module OakenGauge
  module Documents
    # Writes the kinds of units, tools and fabrics that there are, for a person to choose from and to fill in: what
    # each is called, its fields with their limits and words; of units the fabrics too, and one to begin with, drawn.
    class KindsWriter
      # @return [Hash{String => Array<Hash>}] what is most common first
      def write
        { "kinds" => units, "tools" => plain(Tools.kinds.sort_by { |_, kind| kind.common }), "fabrics" => plain(Stock.forms) }
      end

      private

      def units
        Units.kinds.values.sort_by { |kind| [kind.common, kind.title] }.map { |kind| unit(kind) }
      end

      def unit(kind)
        { "kind" => kind.kind.to_s, "title" => kind.plural, "roles" => kind.roles.map(&:to_s), "starter" => kind.starter,
          "fields" => kind.form, "drawing" => ViewWriter.new(task(kind)).unit_drawing }
      end

      def task(kind)
        WeighDocument.new(unit: OakenGauge.read_unit(kind.starter)).task
      end

      def plain(kinds)
        kinds.map { |name, declared| { "kind" => name, "title" => declared.title, "fields" => declared.form } }
      end
    end
  end
end
