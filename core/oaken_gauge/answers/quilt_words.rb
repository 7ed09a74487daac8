# frozen_string_literal: true

module OakenGauge
  module Answers
    # What the pieces of a quilt are called, and what is said of its setting triangles.
    module QuiltWords
      CALLED = { sash: %w[sash sashes], long_sash: ["long sash", "long sashes"], cornerstone: %w[cornerstone cornerstones],
                 half_cornerstone: ["half cornerstone", "half cornerstones"], border: ["border strip", "border strips"],
                 binding: ["binding strip", "binding strips"], side: ["side triangle", "side triangles"],
                 corner: ["corner triangle", "corner triangles"], backing: %w[backing backing] }.freeze
      CUT = { cut_twice_diagonally: "twice corner to corner", cut_once_diagonally: "once corner to corner" }.freeze

      class << self
        # @param what [Symbol]
        # @param count [Integer]
        # @return [String]
        def called(what, count = 2)
          Saying.form(count, *CALLED.fetch(what))
        end

        # Their sides are no size on any ruler: they are cut from the square, and a little of it is trimmed.
        # @param one [Quilts::Layout::Triangles]
        # @param square [Quilts::CutPiece]
        # @return [String]
        def triangle(one, square, measure)
          side = QuiltWriter.written(one.side.to_f, measure)
          named = one.grain == :long_side ? "The long side finishes" : "The short sides finish"
          "#{named} at about #{side}, which is no line to look for on a ruler: cut " \
            "#{Saying.form(square.count, 'the square', 'each square')} #{CUT.fetch(square.then_do)}, and trim when the top is squared up."
        end
      end
    end
  end
end
