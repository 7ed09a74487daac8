# frozen_string_literal: true

module OakenGauge
  module Practice
    # One question of a drill. - drill: Symbol; - ask: what is asked; - choices: [String]; - right: place of the right one;
    # - because: a sentence for afterwards; - picture: Hash or nil, see each drill
    Question = Struct.new(:drill, :ask, :choices, :right, :because, :picture, keyword_init: true)
  end
end
