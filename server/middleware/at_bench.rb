# frozen_string_literal: true

module Server
  module Middleware
    # Every window says by its address whose bench it works at: /api/makers/12/projects is the projects of that maker, whoever came
    # to another one in the meantime. Without one it is the maker who came last. Who she is, is looked up where it matters: what asks of
    # nothing that is stored is answered without the database.
    class AtBench
      ADDRESS = %r{\A/api/makers/(\d{1,18})/(?!back\z)(.+)\z}

      def initialize(app)
        @app = app
      end

      def call(env)
        found = ADDRESS.match(Access.path(env)) or return @app.call(env)

        Access::Current.set(maker_id: found[1].to_i, maker: nil) { @app.call(env.merge("PATH_INFO" => "/api/#{found[2]}")) }
      end
    end
  end
end
