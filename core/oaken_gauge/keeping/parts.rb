# frozen_string_literal: true

module OakenGauge
  module Keeping
    # Parts of documents that are read by themselves, by name: what a server takes from its requests is read as it is
    # read inside a document.
    #
    # @example
    #   Parts.fetch(:seam_allowance).read(node)
    module Parts
      Scalars = Documents::Scalars
      Composites = Documents::Composites
      private_constant :Scalars, :Composites

      # The largest number that names something stored.
      LARGEST = 2_147_483_647
      NOTES = Scalars::Text.new(most: 10_000, lines: true, blank: true)
      # The text of a file that is sent inside a document.
      FILE = Scalars::Text.new(most: 512 * 1024, lines: true)
      # Which list of steps, and which step of it.
      LIST = Scalars::Text.new(most: 200)
      STEP = Scalars::Whole.new(0..100_000)
      # What quilts are made for.
      PLACES = Composites::Nothing.new(Composites::List.new(Composites::Nested.new(-> { Quilts::Purpose }), 0..50))
      # Units that are chosen for together.
      IDS = Composites::List.new(Scalars::Whole.new(0..LARGEST), 0..Choosing::Question::MOST_UNITS)
      METHODS = Composites::Mapping.new(Scalars::Choice.new(Methods.ids), most: Choosing::Question::MOST_UNITS)
      # The units of a block.
      PIECES = Composites::List.new(Composites::Nested.new(-> { Blocks::Block::Piece }), 0..10_000)

      class << self
        # @param name [Symbol]
        # @return [Type] what reads it
        # @raise [KeyError]
        def fetch(name)
          all.fetch(name)
        end

        private

        def all
          @all ||= {
            unit: Kinds::UNIT, tool: Kinds::TOOL, fabric: Kinds::FABRIC, picture: Blocks::Question, pieces: PIECES,
            lines: Blocks::Lines, passphrase: Scalars::Text.new(most: 500, blank: true), places: PLACES, times: Scalars::Whole.new(1..10_000),
            quilt: KeptQuilt, there: Scalars::Choice.new(%w[set beside]),
            colour: Documents::Colour.new, weave: Scalars::Choice.new(Bench::ShelfFabric::WEAVES), maker: Makers::Maker,
            priorities: Weighing::Priorities, method: Scalars::Choice.new(Methods.ids), name: Scalars::Text.new, notes: NOTES,
            aside: Scalars::Flag.new, measure: Scalars::Choice.new(%w[inch cm]), bench: Scalars::Choice.new(%w[demo own]),
            text: FILE, names: Composites::List.new(Scalars::Text.new, 0..Kinds::MOST_TOOLS),
            asked: Scalars::Whole.new(DrillResult::ASKED), right: Scalars::Whole.new(0..DrillResult::ASKED.max),
            seam_allowance: Documents::Measures::Said.new(most: 2), version: Scalars::Whole.new(0..LARGEST),
            list: LIST, step: STEP, ids: IDS, limits: Choosing::Limits, methods: METHODS,
            shelf: Composites::Mapping.new(Scalars::Whole.new(1..LARGEST))
          }.freeze
        end
      end
    end
  end
end
