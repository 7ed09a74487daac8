# frozen_string_literal: true

module Server
  module Resources
    # The drawer's marks and the shelf as tables, out and in. What cannot be read is told by its line and column, and nothing
    # is added before that was seen.
    class Tables < Base
      get "/api/fabrics.csv" do
        send_out OakenGauge.fabrics_table(maker.fabrics.map { |fabric| { "name" => fabric.name, "fabric" => fabric.document } }), "fabrics"
      end

      get "/api/tools.csv" do
        send_out OakenGauge.tools_table(maker.drawer), "tools"
      end

      post "/api/fabrics/table" do
        take_in(:read_fabrics_table) do |entry|
          maker.fabrics.create!(name: entry["name"], document: entry["fabric"], **Importer::PLAIN)
        end
      end

      post "/api/tools/table" do
        take_in(:read_tools_table) do |tool|
          maker.tools.create!(document: { **tool, "id" => maker.free_key(tool["name"]) }, position: maker.tools.reload.size)
        end
      end

      private

      def send_out(text, name)
        content_type "text/csv"
        headers["content-disposition"] = %(attachment; filename="#{name}.csv")
        halt 200, text
      end

      # With faults, what is right waits until the sender says so.
      def take_in(door, &add)
        text, confirmed = read(required: %w[csv], optional: %w[confirmed]) do |keys|
          [keys.value("csv", :text), keys.value("confirmed", :aside)]
        end
        table = OakenGauge.public_send(door, text)
        added = table["faults"].empty? || confirmed ? table["entries"] : []
        maker.transaction { added.each(&add) }
        answer({ "ready" => table["entries"].map { |entry| entry["name"] }, "added" => added.size, **told(table["faults"]) })
      end

      # Nobody reads more of them at once.
      def told(faults)
        { "faults" => faults.first(Problem::MOST_FAULTS), "more" => [faults.size - Problem::MOST_FAULTS, 0].max }
      end
    end
  end
end
