# frozen_string_literal: true

module Server
  module Middleware
    # Every window says by its address whose bench it works at: /api/makers/12/projects is the projects of that maker, whoever came
    # to another one in the meantime. Without one it is the maker who came last.
    class AtBench
      ADDRESS = %r{\A/api/makers/(\d{1,18})/(?!back\z)(.+)\z}

      def initialize(app)
        @app = app
      end

      def call(env)
        found = ADDRESS.match(Access.path(env)) or return @app.call(env)
        maker = Models::Maker.here.find_by(id: found[1])
        return Problem.new(404, "This maker is not here any more: open another.").answer unless maker

        Access::Current.set(maker: maker) { @app.call(env.merge("PATH_INFO" => "/api/#{found[2]}")) }
      end
    end
  end
end
