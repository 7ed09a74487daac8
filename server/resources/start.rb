# frozen_string_literal: true

module Server
  module Resources
    # The first start: to look round with the demo, or to start her own; and going from one to the other later.
    class Start < Base
      get "/api/start" do
        answer standing
      end

      post "/api/start" do
        read(required: %w[bench]) { |keys| keys.value("bench", :bench) } == :demo ? demo.come : own.come
        answer standing
      end

      private

      def makers
        Models::Maker.here
      end

      def standing
        at = makers.at_bench
        { "chosen" => !at.came_at.nil?, "demo" => at.demo, "has_own" => makers.exists?(demo: false),
          "project_id" => at.projects.reject(&:aside).first&.id }
      end

      # One that was removed is loaded anew.
      def demo
        makers.find_by(demo: true) || Demo.load
      end

      def own
        makers.find_by(demo: false) || makers.create!(name: "Maker")
      end
    end
  end
end
