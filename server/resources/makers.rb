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
        changes = read { |node| fields(node) }
        save_over(maker, document["lock_version"]) { |one| one.update!(changes) }
        answer Models::Maker.at_bench.to_document
      end

      private

      def maker
        @maker ||= Models::Maker.at_bench
      end

      def fields(node)
        node.keys(required: %w[lock_version], optional: %w[profile priorities])
        OakenGauge::Weighing::Maker.read(node.child("profile"))
        OakenGauge::Documents::WeighReader.priorities(node.child("priorities"))
        node.value.slice("profile", "priorities")
      end
    end
  end
end
