# frozen_string_literal: true

module OakenGauge
  module Quilts
    # What a quilt is made for: its size, and what hangs over at both sides and the foot.
    #
    # @example
    #   { "name" => "A single bed", "width" => "39", "length" => "75", "drop" => "12" }
    class Purpose
      include Documents::Record

      text :name
      length :width, most: 400, label: "Width"
      length :length, most: 400, label: "Length"
      length :drop, default: 0r, least: 0r, most: 60, label: "Drop", always: true
    end
  end
end
