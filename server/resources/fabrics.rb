# frozen_string_literal: true

module Server
  module Resources
    # The shelf: its fabrics, new ones, changed ones, ones removed. What form a fabric is in goes through the core.
    class Fabrics < Base
      KEYS = %w[name colour weave fabric].freeze

      get "/api/fabrics" do
        answer({ "fabrics" => shelf.map(&:on_shelf) })
      end

      post "/api/fabrics" do
        fields = read(required: %w[name fabric], optional: KEYS) { |keys| fields(keys) }
        answer shelf.create!({ **Importer::PLAIN, **fields }).on_shelf, status: 201
      end

      patch "/api/fabrics/:id" do
        version, fields = read(required: %w[lock_version], optional: KEYS) { |keys| [keys.version, fields(keys)] }
        save_over(find, version) { |fabric| fabric.update!(fields) }
        answer find.on_shelf
      end

      delete "/api/fabrics/:id" do
        save_over(find, Integer(params.fetch("lock_version"))) do |fabric|
          refuse_used(fabric)
          fabric.destroy!
        end
        halt 204
      end

      # What the picks of all her projects take, and what is left; where they are many, as it was counted last until it is counted anew.
      get "/api/fabrics/promised" do
        answer Server::Jobs::CountPromised.ask(maker)
      end

      private

      def shelf
        maker.fabrics
      end

      def find
        shelf.find(params["id"])
      end

      def fields(keys)
        { name: keys.value("name"), colour: keys.value("colour"), weave: keys.value("weave")&.to_s,
document: keys.document("fabric") }.compact
      end

      # Units that were removed may still be put back.
      def refuse_used(fabric)
        used = fabric.units.order(:id).map(&:label)
        return if used.empty?

        raise Problem.new(422,
"#{fabric.name} is used by #{used.first(3).join(', ')}#{', …' if used.size > 3}: give them another fabric first.")
      end
    end
  end
end
