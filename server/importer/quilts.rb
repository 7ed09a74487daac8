# frozen_string_literal: true

module Server
  class Importer
    # How a quilt of a file is kept: its blocks and fabrics by the ids they are stored under.
    module Quilts
      private

      def quilt(document)
        setting = document["setting"]
        blocks = document.fetch("blocks", []).map { |id| @blocks.fetch(id) }
        return unless setting && blocks.any?

        counts = document.fetch("counts", [])
        { "blocks" => blocks.each_with_index.map { |block, i| { "id" => block.id, "count" => counts[i] }.compact },
          "setting" => setting.merge(with_stored(setting)),
          **document.slice("binding", "backing", "batting").transform_values { |part| with_fabric(part) }, **colourways(document) }
      end

      def colourways(document)
        kept = document.fetch("colourways", [])
        kept.empty? ? {} : { "colourways" => kept.map { |one| one.to_h { |*pair| stored(pair) } } }
      end

      def with_stored(setting)
        { "fabrics" => setting.fetch("fabrics", {}).transform_values { |name| stored([name]).first },
          "borders" => setting.fetch("borders", []).map { |border| with_fabric(border) } }
      end

      def with_fabric(part)
        part["fabric"] ? part.merge("fabric" => stored([part["fabric"]]).first) : part
      end
    end
  end
end
