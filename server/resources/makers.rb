# frozen_string_literal: true

module Server
  module Resources
    # The maker: what is known of her hands, her choices, and what she sets store by. Her profile goes
    # through the core, so that none is stored which it could not read.
    class Makers < Base
      get "/api/maker" do
        answer maker.to_document
      end

      patch "/api/maker" do
        version, changes = read(required: %w[lock_version], optional: %w[profile priorities places]) { |keys| [keys.version, fields(keys)] }
        save_over(maker, version) { |one| one.update!(changes) }
        answer Models::Maker.at_bench.to_document
      end

      # What tests of her own would teach; nothing is stored.
      post "/api/maker/learn" do
        answer OakenGauge.learn({ "maker" => maker.profile, "tools" => maker.drawer, **object(document) })
      end

      private

      def maker
        @maker ||= Models::Maker.at_bench
      end

      def fields(keys)
        { profile: keys.document("profile", :maker),
          priorities: keys.document("priorities"), **places(keys) }.compact.merge(keys.none?("places") ? { places: nil } : {})
      end

      def places(keys)
        { places: keys.value("places")&.map(&:to_document) }
      end
    end
  end
end
