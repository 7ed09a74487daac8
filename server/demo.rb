# frozen_string_literal: true

module Server
  # The bench that ships with the application, to look round in.
  module Demo
    DOCUMENT = File.join(ROOT, "db/demo/bench.json")

    # @param file [String] where it stands
    # @return [Models::Maker] a new one, with everything of the demo
    def self.load(file = DOCUMENT)
      Importer.new(JSON.parse(File.read(file))).import.tap { |maker| maker.update!(demo: true) }
    end
  end
end
