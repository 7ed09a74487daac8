# frozen_string_literal: true

module Server
  module Resources
    # The drawer: its tools, new ones, changed ones, ones removed. A tool's document goes through
    # the core, so that no tool is stored which it could not read.
    class Tools < Base
      get "/api/tools" do
        answer({ "tools" => maker.tools.map(&:to_document) })
      end

      # How a tool looks that is being filled in, and what its numbers would mean.
      post "/api/tools/look" do
        answer OakenGauge.tool_picture(read(required: %w[tool]) { |keys| tool(keys) })
      end

      get "/api/tools/usual" do
        usual = OakenGauge.usual_tools.map { |tool| { "tool" => tool, "picture" => OakenGauge.tool_picture(tool)["picture"] } }
        answer({ "tools" => usual })
      end

      post "/api/tools" do
        named
        stored = read(required: %w[tool]) { |keys| tool(keys) }
        refuse_second(stored["id"])
        answer maker.tools.create!(document: stored, position: maker.tools.size).to_document, status: 201
      end

      patch "/api/tools/:id" do
        version, changes = read(required: %w[lock_version], optional: %w[tool retired]) { |keys| [keys.version, changes(keys)] }
        refuse_second(changes[:document]["id"], except: find) if changes[:document]
        save_over(find, version) { |tool| tool.update!(changes) }
        answer find.to_document
      end

      delete "/api/tools/:id" do
        save_over(find, Integer(params.fetch("lock_version")), &:destroy!)
        halt 204
      end

      private

      def find
        maker.tools.find(params["id"])
      end

      def changes(keys)
        { document: tool(keys), retired: keys.value("retired", :aside) }.compact
      end

      def tool(keys)
        keys.document("tool")
      end

      # A tool that comes without an id goes by its name.
      def named
        tool = object(document)["tool"]
        tool["id"] ||= maker.free_key(tool["name"].to_s) if tool.is_a?(Hash)
      end

      def refuse_second(key, except: nil)
        return unless maker.tools.where.not(id: except&.id).exists?(key: key)

        raise Problem.at("/tool/id", "#{key.inspect} is the id of another tool in the drawer")
      end
    end
  end
end
