# frozen_string_literal: true

module OakenGauge
  module Methods
    # A thing done at the table, at the machine or at the iron, once.
    #
    # - name: Symbol; - phase: its first word, what kind of work it is
    # - takes: [Symbol], the maker's times it is made of
    # - cuts, passes, alignments: what one of it adds up to
    # - placements: how often a ruler or trimmer is laid down for one of it
    # - marks: whether it draws a line that a light or a tape makes needless
    # - care: Symbol, what can hurt: :blade, :press, :iron or :needle
    # - place: where it is done; nil for what is done wherever she is, and takes no time of its own
    # - role: what it is in the making of a unit: :strip and :across for cuts with a ruler, :apart for cuts from corner to
    #   corner, :sew, :press, :lay; nil for what moves nothing
    # - guide: what a seam is led by: :edge, :line or :on_line
    # - guided, opened: what is done in its place where a light or a tape leads, and where seams are pressed open
    # - called: what it is called where it is only spoken of
    # - one, many: its words for a count of one and for more, with %<count>d, %<size>s and %<on>s
    Operation = Struct.new(:name, :takes, :cuts, :passes, :placements, :alignments, :care, :marks, :role, :guide, :guided, :opened,
                           :called, :one, :many, :phase, :place, keyword_init: true)
  end
end
