# frozen_string_literal: true

module OakenGauge
  module Quilts
    # The question how many blocks cover something.
    class FittingQuestion
      include Documents::Record

      nested :setting, -> { Blocks::Setting }
      pair :block, names: %w[Width Height], most: Blocks::Setting::LARGEST
      length :width, most: 400, label: "Width"
      length :length, most: 400, label: "Length"
      length :drop, default: 0r, least: 0r, most: 60, label: "Drop"
      rule(:block, :setting, say: "is not square: allowed on point are square blocks") do |block, setting|
        setting.layout == :straight || block.uniq.one?
      end

      # @return [Hash]
      def answer
        place = Quilts::Fitting::Place.new(name: "", width: width, length: length, drop: drop)
        fitting = Quilts::Fitting.new(setting, block, place.quilt)
        { "across" => fitting.across, "down" => fitting.down, "wanted" => place.quilt.map { |side| written(side) },
          "finished" => fitting.finished&.map { |side| written(Grid.new(1/16r).nearest(side)) } }
      end

      private

      def written(side)
        Length.new(side, written_in).to_s
      end
    end
  end
end
