# frozen_string_literal: true

module Server
  # The question that a quilt is: its blocks as they are stored, what was picked for its units, what is on the shelf, and the maker's own
  # drawer and hands.
  class Quilting
    # @param project [Models::Project]
    # @param kept [Hash] a quilt as it keeps it
    def initialize(project, kept)
      @project = project
      @maker = project.maker
      @kept = kept
    end

    # @return [Hash] a quilt document
    def document
      { **@kept.except("colourways"), "blocks" => blocks, "seam_allowance" => @project.seam_allowance, "stock" => stock,
        "picks" => @project.picks_made, "tools" => @project.drawer, "maker" => @maker.profile, "measure" => @project.measure }
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
