# frozen_string_literal: true

module Server
  # The question that a quilt is: its blocks as they are stored, what is on the shelf, and the maker's own drawer and hands.
  class Quilting
    # @param maker [Models::Maker]
    # @param kept [Hash] a quilt as a project keeps it
    # @param seam [String] seam allowance
    def initialize(maker, kept, seam)
      @maker = maker
      @kept = kept
      @seam = seam
    end

    # @return [Hash] a quilt document
    def document
      { **@kept.except("colourways"), "blocks" => blocks, "seam_allowance" => @seam, "stock" => stock,
        **@maker.question.slice("tools", "maker") }
    end

    private

    def blocks
      @kept.fetch("blocks").each_with_index.map do |entry, place|
        block = @maker.blocks.find_by(id: entry["id"]) or raise Problem.at("/blocks/#{place}/id", "is no block that is kept")
        { "block" => Jobs::TakeApart.document(block), "count" => entry["count"] || OakenGauge.blocks_in(@kept["setting"]) }
      end
    end

    def stock
      @maker.fabrics.to_h { |fabric| [fabric.id.to_s, [fabric.document]] }
    end
  end
end
