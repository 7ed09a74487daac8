# frozen_string_literal: true

module Server
  module Resources
    # Blocks: the list, new ones, changed ones, ones removed; and what a picture of one comes to, stored or not.
    class Blocks < Base
      KEYS = %w[name picture pieces lines].freeze

      get "/api/blocks" do
        answer({ "blocks" => blocks.map(&:to_document) })
      end

      post "/api/blocks" do
        fields = read(required: %w[name picture], optional: KEYS) { |keys| fields(keys) }
        block = blocks.transaction { blocks.create!(fields).tap { |made| refuse_others(made) } }
        answer block.to_document, status: 201
      end

      patch "/api/blocks/:id" do
        version, fields = read(required: %w[lock_version], optional: KEYS) { |keys| [keys.version, fields(keys)] }
        save_over(find, version) { |block| block.update!(fields).tap { refuse_others(block) } }
        answer find.to_document
      end

      delete "/api/blocks/:id" do
        save_over(find, Integer(params.fetch("lock_version"))) do |block|
          refuse_used(block)
          block.destroy!
        end
        halt 204
      end

      # What can be set down on cells at once.
      get "/api/stamps" do
        answer({ "stamps" => OakenGauge.stamps })
      end

      # Nothing in the file is run or fetched, and nothing is stored.
      post "/api/blocks/read" do
        answer OakenGauge.read_block_svg(read(required: %w[svg]) { |keys| keys.value("svg", :text) })
      end

      get "/api/blocks/:id/picture.svg" do
        colours = maker.fabrics.to_h { |fabric| [fabric.id.to_s, fabric.colour] }
        download(OakenGauge.block_svg(find.picture, colours), "image/svg+xml", "svg")
      end

      get "/api/blocks/:id/sheet.pdf" do
        paper = OakenGauge.paper(params.fetch("paper", "letter")) or
          raise Problem.at("/paper", "is #{params['paper'].inspect}: allowed are letter and a4")
        download(Printing::BlockSheet.new(find, maker, paper, also: params["also"]).render, "application/pdf", "pdf")
      end

      # With the maker's own drawer, hands and priorities, where none are told.
      post "/api/deconstruct" do
        answer OakenGauge.deconstruct({ **maker.question, **object(document) }, view: params["view"] == "full")
      end

      post "/api/sizes" do
        answer OakenGauge.sizes({ **maker.question.slice("tools"), **object(document) })
      end

      private

      def blocks
        maker.blocks
      end

      def find
        blocks.find(params["id"])
      end

      def download(body, type, ending)
        content_type type
        headers["content-disposition"] = %(attachment; filename="#{PlainName.of(find.name, empty: 'block')}.#{ending}")
        halt 200, body
      end

      # Columns and rows are those of the picture. Units of another picture would be counted, cut and sewn for this one.
      def refuse_others(block)
        OakenGauge.check_lines(block.picture, block.lines) if block.lines
        return if block.pieces.empty? || OakenGauge.made_of?(block.picture, block.pieces)

        raise Problem.at("/pieces", "look like another block: allowed are units that make up this picture, or none")
      end

      # A project that was removed may still be put back.
      def refuse_used(block)
        used = maker.all_projects.select { |project| project.quilt_of?(block) }.map(&:name)
        return if used.empty?

        raise Problem.new(422, "#{block.name} is in the quilt of #{used.first(3).join(', ')}: give it another block first.")
      end

      def fields(keys)
        pieces = keys.value("pieces", :pieces)
        { name: keys.value("name"), picture: keys.document("picture"), pieces: pieces&.map(&:to_document) }.compact.merge(lines(keys))
      end

      # None where each is one cell again.
      def lines(keys)
        return { lines: nil } if keys.none?("lines")

        { lines: keys.document("lines") }.compact
      end
    end
  end
end
