# frozen_string_literal: true

module OakenGauge
  module Documents
    # Writes the kinds of unit that there are, for a person to choose from: what each is called, what its
    # fabrics are, and one to begin with, drawn.
    class KindsWriter
      # @return [Array<Hash>] those of few patches first
      def write
        Units.kinds.values.map { |kind| kind(kind) }.sort_by { |kind| [kind["drawing"]["patches"].size, kind["title"]] }
      end

      private

      def kind(kind)
        document = { "unit" => kind.starter }
        { "kind" => kind.kind.to_s, "title" => kind.plural, "measures" => measures(kind),
          "roles" => kind.roles.map(&:to_s), "starter" => kind.starter,
          "drawing" => ViewWriter.new(WeighReader.read(document)).unit_drawing }
      end

      # What its finished sizes are called, one or two.
      def measures(kind)
        kind.starter["finished"].is_a?(Array) ? [kind.measure, "Finished width"] : [kind.measure]
      end
    end
  end
end
