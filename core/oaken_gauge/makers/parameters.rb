# frozen_string_literal: true

module OakenGauge
  module Makers
    # Every value of a maker's profile that is a number, declared once. Errors are one standard
    # deviation unless their meaning says otherwise.
    module Parameters
      @all = {}

      class << self
        # @return [Hash{Symbol => Parameter}]
        attr_reader :all

        # @param group [Symbol] :error or :time
        # @return [Array<Parameter>]
        def of(group)
          all.values.select { |parameter| parameter.group == group }
        end

        private

        # What the values that follow belong to.
        def part(words)
          @part = words
        end

        # A spread, unless it is said what it is.
        def error(name, assumed, title, meaning, tells: :spread, **more)
          @all[name] = Parameter.new(name: name, group: :error, part: @part, unit: tells == :share ? "share" : "inch", assumed: assumed,
                                     most: 1, title: title, meaning: meaning, tells: tells, **more)
        end

        def time(name, assumed, title, meaning)
          @all[name] = Parameter.new(name: name, group: :time, part: @part, unit: "second", assumed: assumed, most: 3600, title: title,
                                     meaning: meaning, tells: :mean)
        end
      end

      part "Cutting"
      error :ruler_main, 0.012, "Ruler on a main line",
            "How far a cut lies off, along a straight ruler set to a main or half-inch line, or cut in a slot."
      error :ruler_between, 0.018, "Ruler on an eighth line", "The same on an eighth line."
      error :misread, 0.01, "Lines read wrong", "How many cuts on an eighth line are set to the next line instead.", tells: :share
      error :misread_by, 0.125, "Off when read wrong", "How far off the next line is.", tells: :mean
      error :precut, 0.012, "Edge of a precut strip", "How far the width of a strip that was bought cut is off."
      error :triangle_ruler, 0.012, "Triangle ruler", "How far a cut along a triangle ruler lies off."
      error :template, 0.020, "Round a template", "How far a cut round a template lies off."
      error :die, 0.006, "Die", "How far a die-cut edge lies off."

      part "Sewing and pressing"
      error :take_up, 0.010, "What the fold takes up", "What fold and thread take up in every seam, beside its allowance.",
            tells: :mean, around: :seam_foot
      error :take_up_open, 0.006, "The same, pressed open",
            "What a seam takes that is pressed open: less has to fold over it. Our own guess.", tells: :mean, around: :seam_foot
      error :scant, 0.010, "Scant seam", "How much less than the allowance you sew, to give back what fold and thread take.", tells: :choice
      error :thread, 0.010, "A thread inside the line", "How far inside a line you sew where a corner is flipped over it.",
            tells: :mean, around: :seam_line
      error :seam_foot, 0.015, "Seam by the foot", "How much a seam guided by the presser foot varies."
      error :seam_quarter_foot, 0.012, "Seam by a quarter-inch foot", "The same with a foot made for it."
      error :seam_line, 0.012, "Seam beside a drawn line", "How much a seam along a drawn line varies."
      error :seam_guided, 0.010, "Seam by light, tape or guide", "How much a seam led by a light, a tape or a stick-on guide varies."
      error :laying, 0.010, "Laid on one another", "How far off one another two pieces are laid. Our own guess."
      error :laying_blunt, 0.006, "Laid by blunt tips",
            "The same where tips come blunt or are trimmed first, so that a patch can only lie the right way. Our own guess."
      error :laying_open, 0.015, "Laid where open seams meet",
            "The same where seams meet that were pressed open: they cannot nest, and are pinned. Our own guess."
      error :pressing, 0.008, "Pressing", "What a pressed seam keeps back or gives."
      error :bias, 0.020, "Raw edge on the bias", "How much an edge on the bias grows while it is handled."
      error :bias_starched, 0.008, "The same, starched", "How much it grows when the fabric is starched."

      part "Trimming and folding"
      error :trim_groove, 0.008, "Trimming, groove on the seam", "How far a side trimmed with a groove on the seam lies off."
      error :trim_line, 0.012, "Trimming, line on the seam", "The same with a line laid on the seam."
      error :fold, 0.010, "Fold of a foundation sheet", "How far each folded and sewn seam of a sheet lies off."
      error :fold_take_up, 0.0625, "What a sheet's fold takes up",
            "What the fold of sheet and fabric takes, beside fold and thread of the seam. Our own guess.", tells: :mean, around: :fold

      part "Time"
      time :set_up, 30, "Setting up",
            "Ruler and cutter out, thread in, iron hot: once each time the mat, the machine or the iron is gone to. Our own guess."
      time :starch, 60, "Starch", "Starching and pressing one fabric before it is cut. Our own guess."
      time :mark_line, 8, "Mark a line", "Drawing one line."
      time :align_and_cut, 10, "Align and cut", "Laying a ruler and cutting along it once."
      time :cut_slot, 3, "Cut a slot", "Cutting in one slot of a ruler that lies already."
      time :sew_inch, 0.6, "Sew an inch", "Sewing one inch."
      time :sew_start, 3, "Start a seam", "Feeding the next piece."
      time :press, 8, "Press", "Pressing one seam."
      time :press_open, 12, "Press open", "Pressing one seam open. Our own guess."
      time :trim_side, 4, "Trim a side", "Trimming one side of a unit."
      time :snip, 3, "Snip", "One snip."
      time :die_pass, 45, "Die pass", "Laying the layers on a die and sending it through the press."
      time :fuse_cell, 5, "Fuse a cell", "Fusing one cell to a sheet."
    end
  end
end
