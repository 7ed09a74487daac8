# frozen_string_literal: true

module OakenGauge
  module WhichLine
    # The question which line of which tool: a weigh document that may tell the size with its seam allowance, too.
    #
    # @example
    #   { "unit" => { "kind" => "half_square", "finished" => "2", "count" => 1 }, "unfinished" => "3 1/2" }   # finishes at 3
    class Question < Weighing::Question
      field :unfinished, Documents::Measures::Said.new(most: Units::Unit::LARGEST), default: nil,
                                                                         meaning: "The side (the height) before the unit is sewn in."
      rule(:unfinished, :seam, say: lambda { |_, seam|
        "is %<read>s: allowed is more than two seam allowances of #{Length.new(seam)}"
      }) do |raw, seam|
        raw.nil? || raw.inches > 2 * seam
      end

      # @return [Length, nil]
      def at
        unfinished ? Length.new(unfinished.inches - (2 * seam), unfinished.measure) : super
      end
    end
  end
end
