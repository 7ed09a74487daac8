# frozen_string_literal: true

module Server
  # The bench that ships with the application, to look round in.
  module Demo
    DOCUMENT = File.join(ROOT, "db/demo/bench.json")

    # @return [Models::Maker] a new one, with everything of the demo
    def self.load
      Importer.new(JSON.parse(File.read(DOCUMENT))).import.tap { |maker| maker.update!(demo: true) }
    end
  end
end
